-- Every edit is one row here, written in the transaction that makes it. An act groups the rows of one thing a person did.
CREATE TABLE change (
  id      TEXT PRIMARY KEY,           -- ULID: global, and in the order of time
  act     TEXT NOT NULL,              -- ULID of the act
  at      TEXT NOT NULL,              -- UTC
  who     TEXT NOT NULL,
  what    TEXT NOT NULL,              -- the act in words, as the undo menu says it
  entity  TEXT NOT NULL,              -- table
  row_key TEXT NOT NULL,
  before  TEXT CHECK (before IS NULL OR json_valid(before)),
  after   TEXT CHECK (after IS NULL OR json_valid(after)),
  undoes  TEXT,                       -- the act this one takes back
  redoes  TEXT                        -- the act this one does again
) WITHOUT ROWID;
CREATE INDEX change_by_act ON change (act);
CREATE INDEX change_by_row ON change (entity, row_key);

CREATE TABLE athlete (
  key  TEXT PRIMARY KEY,
  name TEXT NOT NULL UNIQUE CHECK (length(trim(name)) > 0)
);

CREATE TABLE bout (
  key       TEXT PRIMARY KEY,
  a         TEXT NOT NULL REFERENCES athlete (key) DEFERRABLE INITIALLY DEFERRED,
  b         TEXT NOT NULL REFERENCES athlete (key) DEFERRABLE INITIALLY DEFERRED,
  kind      TEXT NOT NULL,
  event     TEXT,
  held_on   TEXT,
  round     TEXT,
  ruleset   TEXT NOT NULL,
  uniform   TEXT NOT NULL,
  length_us INTEGER,
  whole     INTEGER NOT NULL CHECK (whole IN (0, 1)),
  more      TEXT NOT NULL CHECK (json_valid(more))
);
CREATE INDEX bout_by_a ON bout (a);
CREATE INDEX bout_by_b ON bout (b);

CREATE TABLE moment (
  key       TEXT PRIMARY KEY,          -- bout, slash, id
  bout      TEXT NOT NULL REFERENCES bout (key) DEFERRABLE INITIALLY DEFERRED,
  id        TEXT NOT NULL,
  ord       REAL NOT NULL,             -- order within the bout, also for moments without a time
  at_us     INTEGER CHECK (at_us IS NULL OR at_us >= 0),
  actor     TEXT CHECK (actor IN ('A', 'B')),
  deed      TEXT NOT NULL,
  technique TEXT,                      -- the technique's key, or the words of what is unnamed
  position  TEXT,
  top       TEXT CHECK (top IN ('A', 'B')),
  became    TEXT,
  more      TEXT NOT NULL CHECK (json_valid(more)),
  UNIQUE (bout, id)
);
CREATE INDEX moment_by_bout ON moment (bout, ord);

CREATE TABLE study (
  key     TEXT PRIMARY KEY,
  name    TEXT NOT NULL UNIQUE CHECK (length(trim(name)) > 0),
  ours    TEXT REFERENCES athlete (key) DEFERRABLE INITIALLY DEFERRED,
  event   TEXT,
  held_on TEXT,
  ruleset TEXT,
  uniform TEXT
);

CREATE TABLE study_subject (
  key     TEXT PRIMARY KEY,
  study   TEXT NOT NULL REFERENCES study (key) DEFERRABLE INITIALLY DEFERRED,
  athlete TEXT NOT NULL REFERENCES athlete (key) DEFERRABLE INITIALLY DEFERRED,
  ord     INTEGER NOT NULL
);

CREATE TABLE plan (
  key      TEXT PRIMARY KEY,
  study    TEXT NOT NULL REFERENCES study (key) DEFERRABLE INITIALLY DEFERRED,
  opponent TEXT NOT NULL REFERENCES athlete (key) DEFERRABLE INITIALLY DEFERRED,
  UNIQUE (study, opponent)
);

CREATE TABLE plan_line (
  key       TEXT PRIMARY KEY,
  plan      TEXT NOT NULL REFERENCES plan (key) DEFERRABLE INITIALLY DEFERRED,
  ord       INTEGER NOT NULL,
  sort      TEXT NOT NULL CHECK (sort IN ('step', 'stay-out')),
  situation TEXT NOT NULL,
  choice    TEXT NOT NULL,
  more      TEXT NOT NULL CHECK (json_valid(more))
);
