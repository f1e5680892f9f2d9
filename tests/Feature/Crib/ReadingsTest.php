<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

/** Readings out of a file, and studies of gauges. */
final class ReadingsTest extends CribTestCase
{
    public function test_readings_come_out_of_csv_and_json_as_they_stand(): void
    {
        $read = fn (string $text) => $this->keeper('POST', 'tools/TW-04/calibrations/read', ['text' => $text]);
        $csv = $read("pass,point,reading,unit\nas found,12,11.9,N.m\nas found,12,11.8,N.m\nas left,12,12.0,")->assertOk()->json();

        self::assertSame([[['nominal' => '12', 'direction' => 'clockwise', 'readings' => ['11.9 N.m', '11.8 N.m']]], [['nominal' => '12', 'direction' => 'clockwise', 'readings' => ['12.0']]]], [$csv['as_found'], $csv['as_left']]);
        self::assertSame([[['nominal' => '12', 'direction' => 'clockwise', 'readings' => ['11.9']], ['nominal' => '12', 'direction' => 'anticlockwise', 'readings' => ['11.7']]], []], array_values($read("pass,point,direction,reading\nas found,12,,11.9\nas found,12,anticlockwise,11.7")->assertOk()->json()));
        self::assertSame([['nominal' => '36', 'direction' => 'anticlockwise', 'readings' => ['35.9', '36.01']]], $read('{"as_found": [{"point": "36", "direction": "anticlockwise", "readings": ["35.9", "36.01"]}]}')->assertOk()->json('as_found'));
    }

    public function test_a_file_that_cannot_be_read_is_refused_and_says_why(): void
    {
        foreach ([
            "\u{FEFF}pass,point,reading\nas found,12,11.9" => 'The table begins with a byte-order mark (the bytes EF BB BF), which is no part of it; UTF-8 without one is wanted. Save it so, or mark its rows where they were written and paste them.',
            "\u{FEFF}{\"as_found\": []}" => 'The table begins with a byte-order mark (the bytes EF BB BF), which is no part of it; UTF-8 without one is wanted. Save it so, or mark its rows where they were written and paste them.',
            "pass;point;reading\nas found;12;11,9" => 'The head of the table is pass, point, reading, and unit and direction where it is said; this one has "pass;point;reading".',
            "pass,point,reading\nas found,12,11,9" => 'A row has 4 cells and the head 3; a decimal has a point, not a comma.',
            "pass,point,reading\nlater,12,11.9" => '"later" is no pass of a calibration; as found or as left is wanted.',
            "pass,point,reading,direction\nas found,12,11.9,left" => '"left" is no direction; clockwise or anticlockwise is wanted.',
            'pass,point,reading' => 'Below its head the table has no row.',
            '{"as_found": ' => 'The file begins like JSON and is none.',
            '{"readings": []}' => 'The file has neither "as_found" nor "as_left" with a point and its readings.',
        ] as $text => $sentence) {
            $this->refused($this->keeper('POST', 'tools/TW-04/calibrations/read', ['text' => $text]), 'text', $sentence);
        }
        $this->refused($this->keeper('POST', 'tools/TW-04/calibrations/look', array_replace_recursive($this->typed(), ['sheet' => ['as_found' => [['readings' => ['8.8 lbf.ft']]]]])), 'reading', '8.8 lbf·ft was read at the point 12 N·m; a reading is wanted in N·m, as the tool has it.');
    }

    /** Example data of AIAG, Measurement Systems Analysis (core/reference/gauge-study.json). */
    public function test_a_gauge_study_comes_to_what_the_manual_prints_by_both_methods_and_is_kept(): void
    {
        $known = json_decode((string) file_get_contents(base_path('core/reference/gauge-study.json')), true, flags: JSON_THROW_ON_ERROR);
        $rows = ['appraiser,part,trial,reading'];
        foreach ($known['readings'] as $who => $trials) {
            foreach ($trials as $trial => $parts) {
                foreach ($parts as $part => $reading) {
                    $rows[] = implode(',', ['ABC'[$who], $part + 1, $trial + 1, $reading]);
                }
            }
        }
        $this->gauge();
        $body = ['text' => implode("\n", $rows), 'window' => '4 mm'];
        $look = $this->keeper('POST', 'tools/DG-50/studies/look', $body)->assertOk()->json();

        self::assertSame('The gauge may do, by what it is used for: 28 % of the spread is its own.', $look['says']);
        self::assertEqualsWithDelta([26.678, 5], [$look['by_range']['percent'], $look['by_range']['distinct']], 0.001);
        self::assertEqualsWithDelta(0.302372, $look['by_variance']['gauge'], 1e-6);
        self::assertEqualsWithDelta(600 * 0.302372 / 4, $look['by_variance']['percent_of_window'], 0.001);
        self::assertSame([], $this->keeper('GET', 'tools/DG-50/studies')->json('studies'));
        $this->keeper('POST', 'tools/DG-50/studies', $body)->assertCreated();
        self::assertSame($look['by_variance'], $this->keeper('GET', 'tools/DG-50/studies')->json('studies.0.by_variance'));
    }

    public function test_a_study_that_cannot_be_is_refused(): void
    {
        $this->gauge();
        $look = fn (string $text, string $tool = 'DG-50', ?string $window = null) => $this->keeper('POST', "tools/$tool/studies/look", ['text' => $text, 'window' => $window]);
        $head = "appraiser,part,trial,reading\n";
        $this->refused($look($head.'A,1,1,1.0', 'TW-04'), 'tool', 'A study is made of gauges; TW-04 is a torque wrench.');
        $this->refused($look($head.'A,1,1,1.0'), 'readings', 'A study has 2 or 3 appraisers, 2 or 3 trials and 2 to 10 parts; these are 1, 1 and 1.');
        $this->refused($look($head.'A,1,1,"1,0"'), 'text', '"1,0" of appraiser A at part 1 is no number; a decimal has a point.');
        $this->refused($look($head."A,1,1,1.0\nA,1,1,1.1"), 'text', 'Appraiser A has read part 1 in trial 1 twice.');
        $this->refused($look($head."A,1,1,1\nA,2,1,2\nA,1,2,1\nA,2,2,2\nB,1,1,1\nB,2,1,2\nB,1,2,1"), 'readings', 'Appraiser 2 has not read every part in every trial.');
        $whole = $head."A,1,1,1\nA,2,1,2\nA,1,2,1\nA,2,2,2\nB,1,1,1\nB,2,1,2\nB,1,2,1.1\nB,2,2,2";
        $this->refused($look($whole, window: '0 mm'), 'the permissible deviation', 'The permissible deviation: above 0 is wanted, not 0.');
    }

    private function gauge(): void
    {
        $this->keeper('POST', 'tools', ['tools' => [['code' => 'DG-50', 'name' => 'Stretch comparator', 'form' => 'stretch_gauge', 'unit' => 'mm', 'lowest' => '0', 'highest' => '10', 'resolution' => '0.01', 'permissible' => '0.02 mm']]])->assertCreated();
    }
}
