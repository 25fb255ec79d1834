package farglass.library.json;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A bout as a JSON document, and back. The fields stand in docs/json.md; they only ever grow. */
public final class BoutJson {
    /** What Jackson says of a value of another kind, which names classes of this program and so helps nobody. */
    private static final Pattern MISPLACED = Pattern.compile(
            "^Cannot (?:deserialize|construct).* from (Array|Object|String|Integer|Number|Floating-point|Boolean) value");

    private static final Map<String, String> KINDS = Map.of(
            "Array", "a list",
            "Object", "an object",
            "String", "a text",
            "Integer", "a number",
            "Number", "a number",
            "Floating-point", "a number",
            "Boolean", "true or false");

    private static final String FORMAT = "far-glass bout";
    private static final int VERSION = 1;

    private record Document(String format, int version, Bout bout) {}

    private BoutJson() {}

    /** {@return the document of a bout} */
    public static String write(Bout bout) {
        try {
            return BoutMapper.mapper()
                            .writerWithDefaultPrettyPrinter()
                            .writeValueAsString(new Document(FORMAT, VERSION, bout))
                    + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("Every bout has a JSON form", e);
        }
    }

    /** {@return the bout a document holds, or why it holds none} Words the lexicon lacks are kept as unnamed, as in a bout file. */
    public static BoutReading read(String text, Lexicon lexicon) {
        Document document;
        try {
            document = BoutMapper.mapper().readValue(text, Document.class);
        } catch (JsonProcessingException e) {
            return refused(e.getLocation(), sentence(e));
        }
        if (document == null) {
            return refused(null, "there is nothing in this document");
        }
        if (!document.format().equals(FORMAT) || document.version() < 1) {
            return refused(
                    null, "this is no bout: it should begin with \"format\": \"%s\", \"version\": 1".formatted(FORMAT));
        }
        if (document.version() > VERSION) {
            return refused(
                    null,
                    "this document is of a newer format (version %d); this program reads version %d. Update Far Glass, or export the bout again in the older format"
                            .formatted(document.version(), VERSION));
        }
        // The text form is the one judge of what a bout may say: links, words of the lexicon, order of time.
        BoutReading reading = BoutFile.parse(BoutFile.print(document.bout()), lexicon);
        List<Diagnostic> said = reading.diagnostics().stream()
                .map(each -> new Diagnostic(1, 1, each.severity(), each.message()))
                .toList();
        return new BoutReading(reading.bout(), said);
    }

    private static BoutReading refused(JsonLocation at, String message) {
        int line = at == null ? 1 : Math.max(1, at.getLineNr());
        int column = at == null ? 1 : Math.max(1, at.getColumnNr());
        return new BoutReading(
                Optional.empty(), List.of(new Diagnostic(line, column, Diagnostic.Severity.ERROR, message)));
    }

    private static String sentence(JsonProcessingException e) {
        String where = e instanceof JsonMappingException mapping
                ? mapping.getPath().stream()
                        .map(step -> step.getFieldName() == null ? "[" + step.getIndex() + "]" : step.getFieldName())
                        .collect(Collectors.joining(" / "))
                : "";
        String said = e.getOriginalMessage().split("\n", 2)[0];
        if (said.contains("Null value for creator property") || said.contains("Cannot map `null`")) {
            return "at " + where + ": this has to be told, and nothing stands here";
        }
        said = said.replaceFirst("^Cannot deserialize value of type `[^`]*` from String (?=\")", "")
                .replaceFirst(": Failed to deserialize java\\.time\\.LocalDate.*", ": write a date as 2026-06-06");
        Matcher misplaced = MISPLACED.matcher(said);
        if (misplaced.find()) {
            said = "%s stands where something else belongs".formatted(KINDS.get(misplaced.group(1)));
        }
        String shortened = said.length() > 300 ? said.substring(0, 300) + "\u2026" : said;
        return (where.isEmpty() ? "this is no bout in JSON: " : "at " + where + ": ")
                + shortened.replaceAll("\\p{Cntrl}", "?");
    }
}
