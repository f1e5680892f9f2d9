<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\Family;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use JsonException;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LibraryDocument;
use Tekkal\Core\Ledger\CanonicalJson;

/** What a file would do to the library: what in it is new, changed, the same, or refused. Nothing is written by looking. */
final class ImportPlan
{
    public readonly LibraryDocument $library;

    /** @var array<string, true> family names, here or in the file */
    private array $families = [];

    /** @var array<string, array{procedure: string, hash: string, draft: bool}> what stands here, by family, joint and option */
    private array $standing = [];

    private function __construct(LibraryDocument $library)
    {
        $this->library = $library;
        foreach ([...Family::query()->pluck('name')->all(), ...array_column($library->families, 'name')] as $name) {
            $this->families[(string) $name] = true;
        }
        $rows = DB::table('procedures')->join('joints', 'joints.id', '=', 'procedures.joint')->join('families', 'families.id', '=', 'joints.family')
            ->leftJoin('procedure_faces', 'procedure_faces.procedure', '=', 'procedures.id')->leftJoin('revisions', 'revisions.id', '=', 'procedure_faces.revision')
            ->leftJoin('drafts', 'drafts.procedure', '=', 'procedures.id')
            ->get(['procedures.id', 'families.name as family', 'joints.name as joint', 'procedures.option', 'revisions.document_hash', 'drafts.document as draft']);
        foreach ($rows as $row) {
            $hash = $row->draft !== null ? self::hash((array) json_decode($row->draft, true)) : (string) $row->document_hash;
            $this->standing[self::name([$row->family, $row->joint, $row->option])] = ['procedure' => $row->id, 'hash' => $hash, 'draft' => $row->draft !== null];
        }
    }

    public static function of(string $bytes): self
    {
        if (strlen($bytes) > LibraryDocument::MOST_BYTES || ! mb_check_encoding($bytes, 'UTF-8')) {
            throw new Refused(ProblemType::BadDocument, 'The file is no JSON in UTF-8. Nothing was written.', 422, ['field' => 'file']);
        }
        try {
            $document = json_decode($bytes, true, DocumentReader::DEEPEST + 4, JSON_THROW_ON_ERROR);

            $library = LibraryDocument::read(is_array($document) ? $document : []);
            // Invented figures are for trying things out; a shop that took them for somebody's word would tighten by them.
            if ($library->demo && config('shop.demo') !== true) {
                throw new Refused(ProblemType::BadDocument, 'This file was written by a demo: everything in it is invented, and nothing of it gets into a shop. Nothing was written.', 422, ['field' => 'file']);
            }

            return new self($library);
        } catch (JsonException $e) {
            throw new Refused(ProblemType::BadDocument, sprintf('The file is no JSON (%s). Nothing was written.', $e->getMessage()), 422, ['field' => 'file']);
        } catch (InvalidDocument $e) {
            throw new Refused(ProblemType::BadDocument, sprintf('The file is refused: %s Nothing was written.', $e->problems[0]->sentence()), 422, ['field' => 'file', 'problems' => array_map(fn ($p): array => (array) $p, $e->problems)]);
        }
    }

    /**
     * @param  string|null  $only  name of the one family that is wanted
     * @return list<array{name: string, what: string, why: string, procedure: string|null}> what is new, changed, same or refused
     */
    public function rows(?string $only = null): array
    {
        $seen = [];

        return array_map(function (array $document) use ($only, &$seen): array {
            $name = self::name([$document['family'] ?? '', $document['joint'] ?? '', $document['option'] ?? '']);
            $refused = $this->refused($document, $only) ?? (isset($seen[$name]) ? 'It stands in the file twice.' : null);
            $seen[$name] = true;
            $here = $this->standing[$name] ?? null;
            $what = match (true) {
                $refused !== null => 'refused',
                $here === null => 'new',
                $here['hash'] === self::hash($document) => 'same',
                default => 'changed',
            };
            if ($what === 'changed' && $here['draft']) {
                // Nobody's unfinished work is written over by a file.
                [$what, $refused] = ['refused', 'A draft of it is being written here. Hand it in or throw it away first.'];
            }

            return ['name' => $name, 'what' => $what, 'why' => $refused ?? '', 'procedure' => $here['procedure'] ?? null];
        }, $this->library->procedures);
    }

    /** @param  array<mixed>  $document */
    private function refused(array $document, ?string $only): ?string
    {
        $family = is_string($document['family'] ?? null) ? $document['family'] : '';
        $bytes = strlen((string) json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        if ($bytes > DocumentReader::MOST_BYTES) {
            return sprintf('A document has at most 2 MB; this one has %.1f MB.', $bytes / 1e6);
        }
        try {
            DocumentReader::read($document);
        } catch (InvalidDocument $e) {
            return sprintf('%d %s; the first: %s', count($e->problems), count($e->problems) === 1 ? 'problem' : 'problems', $e->problems[0]->sentence());
        }

        return match (true) {
            $only !== null && $family !== $only => sprintf('It is for %s, not for %s.', $family, $only),
            ! isset($this->families[$family]) => sprintf('The library has no family "%s", and the file brings none of that name.', $family),
            default => null,
        };
    }

    /** @param  array<mixed>  $document */
    private static function hash(array $document): string
    {
        return hash('sha256', CanonicalJson::encode($document));
    }

    /** @param  array<mixed>  $parts */
    public static function name(array $parts): string
    {
        return implode(', ', array_map(fn (mixed $p): string => is_string($p) ? $p : '', $parts));
    }
}
