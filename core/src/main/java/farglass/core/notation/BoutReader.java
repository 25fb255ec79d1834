package farglass.core.notation;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.core.fact.Body;
import farglass.core.fact.BodyFact;
import farglass.core.fact.Fact;
import farglass.core.fact.Link;
import farglass.core.fact.Tie;
import farglass.core.fact.Tied;
import farglass.core.lexicon.Lexicon;
import farglass.core.said.Scene;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import farglass.core.state.Whereabouts;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/** Reads a bout file, goes on after an error to find the next ones, and gives the bout only if there are none. */
final class BoutReader {
    /** More than these help nobody, and noise of any size must not fill the memory. */
    static final int MOST_ERRORS = 100;

    /** A moment a second for fourteen hours. */
    static final int MOST_MOMENTS = 50_000;

    private final String text;
    private final Lexicon lexicon;
    private final List<Diagnostic> diagnostics = new ArrayList<>();
    private final List<Moment> moments = new ArrayList<>();
    private final List<Bout.Comment> comments = new ArrayList<>();
    private final List<String> waitingComments = new ArrayList<>();
    private final Map<String, Integer> lineOfId = new HashMap<>();
    private final HeaderReader headerReader = new HeaderReader(diagnostics);
    private Optional<Scene> scene = Optional.empty();
    private Optional<Header> header = Optional.empty();
    private boolean inHeader = true;
    private boolean seenFirst;
    private final Map<Seat, Side> leads = new EnumMap<>(Seat.class);
    private OptionalLong stoppedAt = OptionalLong.empty();
    private long stoodMicros;
    private long lastMicros;
    /** By seat: the last moment in which that athlete did something. */
    private final Moment[] last = new Moment[2];

    private int lastTimedLine;
    private int errors;

    BoutReader(CharSequence text, Lexicon lexicon) {
        String whole = text.toString();
        // Some editors mark UTF-8 with an invisible first character.
        String marked = whole.startsWith("\uFEFF") ? whole.substring(1) : whole;
        // Very old programs end lines with this alone.
        this.text = marked.indexOf('\n') < 0 ? marked.replace('\r', '\n') : marked;
        this.lexicon = lexicon;
    }

    BoutReading read() {
        int number = 0;
        int from = 0;
        while (from < text.length() && errors < MOST_ERRORS) {
            int end = text.indexOf('\n', from);
            end = end < 0 ? text.length() : end;
            String line = text.substring(from, end);
            from = end + 1;
            number++;
            try {
                line(line.endsWith("\r") ? line.substring(0, line.length() - 1) : line, number);
            } catch (Cursor.Wrong e) {
                diagnostics.add(e.diagnostic());
                errors++;
            }
            if (!seenFirst) {
                break;
            }
        }
        return finish(number);
    }

    private BoutReading finish(int lines) {
        try {
            if (!seenFirst && errors == 0) {
                throw new Cursor("", 1)
                        .wrong(1, "the text is empty; a bout file begins with \"%s\"", BoutPrinter.FIRST_LINE);
            }
            if (errors == 0) {
                endHeader(lines);
                checkAnswers();
            }
        } catch (Cursor.Wrong e) {
            diagnostics.add(e.diagnostic());
            errors++;
        }
        diagnostics.sort(Comparator.comparingInt(Diagnostic::line));
        if (errors > 0) {
            return new BoutReading(Optional.empty(), diagnostics);
        }
        waitingComments.forEach(comment -> comments.add(new Bout.Comment(Bout.Comment.END, comment)));
        Bout bout = new Bout(headerReader.id().orElseGet(this::idFromContent), header.orElseThrow(), moments, comments);
        // Where a remark stood among the header lines is kept as the printer would put it, so that reading is stable.
        Bout settled = comments.isEmpty()
                ? bout
                : new Bout(bout.id(), bout.header(), bout.moments(), BoutPrinter.placed(bout));
        return new BoutReading(Optional.of(settled), diagnostics, lineOfId);
    }

    /** A file without an id gets one from its content, so that reading it twice is seen to be the same bout. */
    private String idFromContent() {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return "file-" + HexFormat.of().formatHex(digest, 0, 10);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }

    private void line(String line, int number) throws Cursor.Wrong {
        if (Cursor.hasHalf(line)) {
            throw new Cursor(line, number).wrong(1, "half a character stands in this line; write the whole one");
        }
        if (!seenFirst) {
            first(line, number);
            return;
        }
        if (line.isBlank()) {
            return;
        }
        if (line.startsWith("#")) {
            waitingComments.add(line.substring(1));
            return;
        }
        if (inHeader && HeaderReader.isEntry(line)) {
            String key = headerReader.read(line, number);
            waitingComments.forEach(comment -> comments.add(new Bout.Comment(Bout.Comment.beforeHeader(key), comment)));
            waitingComments.clear();
            return;
        }
        inHeader = false;
        moment(line, number);
    }

    private void first(String line, int number) throws Cursor.Wrong {
        String stripped = line.strip();
        if (stripped.equals(BoutPrinter.FIRST_LINE)) {
            seenFirst = true;
        } else if (stripped.matches("far-glass bout [0-9]{1,4}")) {
            throw new Cursor(line, number)
                    .wrong(
                            1,
                            "this file is of a newer format (%s); this version reads \"%s\". Update Far Glass, or export the bout again in the older format",
                            stripped,
                            BoutPrinter.FIRST_LINE);
        } else {
            throw new Cursor(line, number)
                    .wrong(1, "this is no bout file: its first line must be \"%s\"", BoutPrinter.FIRST_LINE);
        }
    }

    /** As somebody told it last, else as the header says they stand. */
    private Optional<Side> leading(Seat seat) {
        return Optional.ofNullable(leads.get(seat))
                .or(() -> headerReader.stance(seat).map(Stance::lead));
    }

    private void stance(Moment moment) {
        moment.telling()
                .facts(Body.class)
                .filter(body -> body.what() == BodyFact.LEADS && body.of().isPresent())
                .forEach(body -> {
                    if (body.value().equals("square")) {
                        leads.remove(body.of().get());
                    } else {
                        leads.put(body.of().get(), Side.valueOf(body.value().toUpperCase(Locale.ROOT)));
                    }
                });
    }

    private void clock(Deed deed, long at) {
        if (deed.stop().isPresent()) {
            stoppedAt = OptionalLong.of(at);
        } else if (deed.restart().isPresent() && stoppedAt.isPresent()) {
            stoodMicros += at - stoppedAt.getAsLong();
            stoppedAt = OptionalLong.empty();
        }
    }

    /** The clock stands while the match is stopped. */
    private long timeLeft(long leftMicros, Cursor cursor) throws Cursor.Wrong {
        OptionalLong length = headerReader.length();
        if (length.isEmpty()) {
            throw cursor.wrong("time left needs the length of the bout; add a line \"length: 6:00\" above");
        }
        if (leftMicros > length.getAsLong()) {
            throw cursor.wrong(
                    "more time is left than the bout lasts (%s); mend one of the two", Times.exact(length.getAsLong()));
        }
        return length.getAsLong() - leftMicros + stoodMicros;
    }

    private void moment(String line, int number) throws Cursor.Wrong {
        if (moments.size() == MOST_MOMENTS) {
            // Counted as the last error there can be: what follows would say the same.
            errors = MOST_ERRORS - 1;
            throw new Cursor(line, number)
                    .wrong(1, "there are more than %s moments; split the file, a bout has far fewer", MOST_MOMENTS);
        }
        Scene here = scene.orElseGet(() -> headerReader.scene(lexicon));
        String usualId = "m" + (moments.size() + 1);
        Moment read = new MomentReader(
                        new Cursor(line, number), lexicon, usualId, diagnostics, here, this::timeLeft, this::leading)
                .read();
        Moment moment = read.with(tied(read, number));
        Integer sameId = lineOfId.putIfAbsent(moment.id(), number);
        if (sameId != null) {
            throw new Cursor(line, number)
                    .wrong(1, "the id \"%s\" stands in line %d already; give this moment another", moment.id(), sameId);
        }
        if (moment.atMicros().isPresent()) {
            long at = moment.atMicros().getAsLong();
            if (at < lastMicros) {
                throw new Cursor(line, number)
                        .wrong(
                                1,
                                "the time %s is before %s in line %d; mend the time, or put the lines in order of time",
                                Times.exact(at),
                                Times.exact(lastMicros),
                                lastTimedLine);
            }
            lastMicros = at;
            lastTimedLine = number;
            clock(moment.deed(), at);
        }
        waitingComments.forEach(comment -> comments.add(new Bout.Comment(moment.id(), comment)));
        waitingComments.clear();
        moments.add(moment);
        stance(moment);
        scene = Optional.of(new Scene(Whereabouts.after(here.now(), moment, lexicon), here.strikes()));
        moment.actor()
                .filter(seat -> moment.technique().isPresent()
                        || moment.deed().unnamed().isPresent())
                .ifPresent(seat -> last[seat.ordinal()] = moment);
    }

    /** What answers or continues "last" is tied to the other's, or the own, last moment before it. */
    private Telling tied(Moment moment, int number) throws Cursor.Wrong {
        List<Fact> facts = new ArrayList<>(moment.telling().facts());
        for (int i = 0; i < facts.size(); i++) {
            if (facts.get(i) instanceof Link link
                    && link.moment().equals(Link.LAST)
                    && link.bout().isEmpty()) {
                Moment meant = moment.actor()
                        .map(seat -> last[(link.tie() == Tie.ANSWERS ? seat.other() : seat).ordinal()])
                        .orElse(null);
                if (meant == null) {
                    throw new Cursor("", number)
                            .wrong(
                                    1,
                                    "this moment says \"%s last\", and there is no earlier one it could mean; name its id, or take it out",
                                    Spelling.of(link.tie()));
                }
                facts.set(i, new Link(link.tie(), meant.id(), link.bout(), link.changed()));
            }
        }
        return facts.equals(moment.telling().facts())
                ? moment.telling()
                : moment.telling().withFacts(facts);
    }

    private void endHeader(int lines) throws Cursor.Wrong {
        header = Optional.of(headerReader.header(Math.max(1, lines)));
    }

    private void checkAnswers() throws Cursor.Wrong {
        for (Moment moment : moments) {
            for (Fact fact : moment.telling().facts()) {
                Optional<Tied> tied = fact.tied();
                if (tied.isPresent()) {
                    known(tied.get().moment(), moment, tied.get().word());
                }
            }
        }
    }

    private void known(String id, Moment in, String key) throws Cursor.Wrong {
        if (!lineOfId.containsKey(id)) {
            throw new Cursor("", lineOfId.get(in.id()))
                    .wrong(
                            1,
                            "this moment says \"%s %s\", and no moment has that id; name one that does, or take it out",
                            key,
                            id);
        }
    }
}
