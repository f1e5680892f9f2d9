-- :results in all, 20,000 of them of one tool, on the engines that are there; made of sequences, and nothing of the record.
SET @tool = (SELECT id FROM tools WHERE code = 'TW-13');
CREATE TEMPORARY TABLE some_runs (n INT PRIMARY KEY) SELECT ROW_NUMBER() OVER (ORDER BY id) - 1 AS n, id AS run, subject, joint FROM runs LIMIT 100;
SET @runs = (SELECT COUNT(*) FROM some_runs);
SET @since = NOW(6) - INTERVAL 100 DAY;
INSERT INTO results (entry_id, step, run, subject, joint, stage, stage_kind, position, attempt, value, base_value, target, low, high, risk_class, verdict, evidence, status, source, tool, person, device, taken_at, received_at)
SELECT CONCAT('019f0000-0000-7000-8000-', LPAD(HEX(s.seq), 12, '0')), CONCAT('bench:p', s.seq, ':1'), r.run, r.subject, r.joint, 'bench', 'torque', CONCAT('p', s.seq MOD 40), 1,
  CONCAT(15 + (s.seq MOD 30) / 10, ' N.m'), 15 + (s.seq MOD 30) / 10, '16.5 N.m', '15 N.m', '18 N.m', ELT(1 + s.seq MOD 3, 'A', 'B', 'C'), 'in', 'measured_value', 'live', 'typed',
  IF(s.seq <= 20000, @tool, CONCAT('019e0000-0000-7000-8000-', LPAD(HEX(s.seq MOD 60), 12, '0'))), '019e0000-0000-7000-8000-000000000001', '019e0000-0000-7000-8000-000000000002',
  @since + INTERVAL (s.seq MOD 100) DAY, @since + INTERVAL (s.seq MOD 100) DAY
FROM seq_1_to_RESULTS s JOIN some_runs r ON r.n = s.seq MOD @runs;
ANALYZE TABLE results;
