-- Words of the library's own, each as a stanza of the lexicon's text.
CREATE TABLE term (
  key    TEXT PRIMARY KEY,
  stanza TEXT NOT NULL CHECK (length(trim(stanza)) > 0)
);

-- How foreign spreadsheets are read.
CREATE TABLE mapping (
  key  TEXT PRIMARY KEY,
  name TEXT NOT NULL UNIQUE CHECK (length(trim(name)) > 0),
  text TEXT NOT NULL CHECK (json_valid(text))
);

-- Facts about the library as a whole, such as the day that a library of made-up bouts takes for today.
CREATE TABLE about (
  key   TEXT PRIMARY KEY,
  value TEXT NOT NULL
);

-- The position or technique a study looks into across athletes; a table of its own, so that older histories stay true.
CREATE TABLE study_focus (
  key   TEXT PRIMARY KEY REFERENCES study (key) DEFERRABLE INITIALLY DEFERRED,
  focus TEXT NOT NULL
);
