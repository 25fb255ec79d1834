-- What a bout and all its moments come to (SHA-256 of their rows), so that a byte that turned on the disk is seen although the
-- database takes it for a value. Worked out again by every act that touches the bout; no edit, and so not in the change log.
CREATE TABLE seal (
  key    TEXT PRIMARY KEY,
  digest TEXT NOT NULL
);
