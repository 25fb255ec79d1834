package farglass.core.script;

import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The text form of a script, one beat or call a line. Times are in microseconds. */
public final class ScriptFile {
    static final String FIRST_LINE = "far-glass script 1";

    private ScriptFile() {}

    public static String print(Script script) {
        StringBuilder text = new StringBuilder(FIRST_LINE).append('\n');
        text.append("kits %s, %s%n".formatted(script.kitA(), script.kitB()));
        text.append("lead %d%nlength %d%n".formatted(script.leadMicros(), script.lengthMicros()));
        if (script.fromBehind()) {
            text.append("camera 2%n".formatted());
        }
        for (Beat beat : script.beats()) {
            text.append("beat %d %s %s%s%n"
                    .formatted(
                            beat.atMicros(),
                            beat.pose().name(),
                            beat.top().map(Seat::name).orElse("-"),
                            beat.mirrored() ? " mirrored" : ""));
        }
        for (RefereeSignal call : script.calls()) {
            text.append("call %d %s %s%n"
                    .formatted(call.atMicros(), call.to().map(Seat::name).orElse("-"), call.signal()));
        }
        for (HandGrip grip : script.grips()) {
            text.append("grip %d %d %s %s%s%n"
                    .formatted(
                            grip.fromMicros(),
                            grip.toMicros(),
                            grip.by().name(),
                            grip.hand().name(),
                            grip.hold()
                                    .map(hold -> " " + hold.part().name()
                                            + hold.side()
                                                    .map(side -> " " + side.name())
                                                    .orElse("")
                                            + (hold.under() ? " under" : ""))
                                    .orElse("")));
        }
        return text.toString().replace("\r\n", "\n");
    }

    /**
     * {@return the script in that text}
     *
     * @throws IllegalArgumentException with the line that says nothing we know
     */
    public static Script parse(String text) {
        String[] lines = text.split("\r?\n");
        if (!lines[0].equals(FIRST_LINE)) {
            throw new IllegalArgumentException("line 1: this is no script; it must begin with \"" + FIRST_LINE + "\"");
        }
        String[] kits = {"white", "blue"};
        long lead = 0;
        long length = 0;
        List<Beat> beats = new ArrayList<>();
        List<RefereeSignal> calls = new ArrayList<>();
        List<HandGrip> grips = new ArrayList<>();
        boolean fromBehind = false;
        for (int i = 1; i < lines.length; i++) {
            String[] words = lines[i].split(" ");
            try {
                switch (words[0]) {
                    case "kits" -> kits = lines[i].substring(5).split(", ", 2);
                    case "lead" -> lead = Long.parseLong(words[1]);
                    case "length" -> length = Long.parseLong(words[1]);
                    case "beat" ->
                        beats.add(new Beat(
                                Long.parseLong(words[1]), Pose.valueOf(words[2]), seat(words[3]), words.length > 4));
                    case "camera" -> fromBehind = words[1].equals("2");
                    case "grip" ->
                        grips.add(new HandGrip(
                                Long.parseLong(words[1]),
                                Long.parseLong(words[2]),
                                Seat.valueOf(words[3]),
                                Side.valueOf(words[4]),
                                words.length > 5 ? Optional.of(hold(words)) : Optional.empty()));
                    case "call" -> calls.add(new RefereeSignal(Long.parseLong(words[1]), seat(words[2]), words[3]));
                    default -> throw new IllegalArgumentException("unknown word " + words[0]);
                }
            } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
                throw new IllegalArgumentException("line %d: \"%s\" cannot be read".formatted(i + 1, lines[i]), e);
            }
        }
        return new Script(kits[0], kits[1], lead, length, beats, calls, grips, fromBehind);
    }

    private static HandGrip.Hold hold(String[] words) {
        boolean under = words[words.length - 1].equals("under");
        boolean sided = words.length - (under ? 1 : 0) > 6;
        return new HandGrip.Hold(
                Part.Kind.valueOf(words[5]), sided ? Optional.of(Side.valueOf(words[6])) : Optional.empty(), under);
    }

    private static Optional<Seat> seat(String word) {
        return word.equals("-") ? Optional.empty() : Optional.of(Seat.valueOf(word));
    }
}
