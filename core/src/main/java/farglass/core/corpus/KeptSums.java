package farglass.core.corpus;

import farglass.core.estimate.Choices;
import farglass.core.estimate.Exposure;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was added up of everybody, kept from one start of the program to the next. It holds nothing that cannot be counted again, and is
 * believed only of athletes of whose bouts not a letter has changed.
 */
public final class KeptSums {
    public static final KeptSums NONE = new KeptSums(Map.of());

    /** @param digest of all that is told of the athlete's bouts, in their order */
    private record Kept(byte[] digest, AthleteSums sums) {}

    private final Map<String, Kept> athletes;

    private KeptSums(Map<String, Kept> athletes) {
        this.athletes = athletes;
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    private static byte[] digest(List<LazySheet> bouts) {
        MessageDigest all = sha256();
        bouts.forEach(bout -> all.update(bout.digest()));
        return all.digest();
    }

    /** {@return what is kept of the athlete, if these are still the bouts} */
    Optional<AthleteSums> of(String athlete, List<LazySheet> bouts) {
        return Optional.ofNullable(athletes.get(athlete))
                .filter(kept -> Arrays.equals(kept.digest, digest(bouts)))
                .map(kept -> kept.sums.copy());
    }

    /** {@return whether something is kept here that the others lack} */
    public boolean saysMoreThan(KeptSums others) {
        return athletes.entrySet().stream().anyMatch(each -> {
            Kept other = others.athletes.get(each.getKey());
            return other == null
                    || !Arrays.equals(other.digest, each.getValue().digest)
                    || other.sums.size() < each.getValue().sums.size();
        });
    }

    /** Gathers what a corpus has added up. */
    static final class Gathered {
        private final Map<String, Kept> athletes = new LinkedHashMap<>();

        void add(String athlete, List<LazySheet> bouts, AthleteSums sums) {
            athletes.put(athlete, new Kept(digest(bouts), sums.copy()));
        }

        KeptSums sums() {
            return new KeptSums(athletes);
        }
    }

    /** {@return the sums as bytes} Linear in them. */
    public byte[] bytes() {
        try {
            ByteArrayOutputStream body = new ByteArrayOutputStream();
            Names names = new Names();
            DataOutputStream out = new DataOutputStream(body);
            out.writeInt(athletes.size());
            for (Map.Entry<String, Kept> each : athletes.entrySet()) {
                out.writeInt(names.number(each.getKey()));
                out.write(each.getValue().digest);
                write(each.getValue().sums, names, out);
            }
            ByteArrayOutputStream whole = new ByteArrayOutputStream();
            names.write(new DataOutputStream(whole));
            body.writeTo(whole);
            return whole.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("Memory takes every byte.", e);
        }
    }

    /**
     * {@return the sums that were written as these bytes}
     *
     * @throws IOException if they are not whole
     */
    public static KeptSums of(byte[] bytes) throws IOException {
        try {
            DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes));
            List<String> names = Names.read(in);
            Map<String, Kept> athletes = new LinkedHashMap<>();
            for (int left = in.readInt(); left > 0; left--) {
                String athlete = names.get(in.readInt());
                byte[] digest = new byte[sha256().getDigestLength()];
                in.readFully(digest);
                athletes.put(athlete, new Kept(digest, sums(names, in)));
            }
            return new KeptSums(athletes);
        } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
            throw new IOException("The sums are not whole.", e);
        }
    }

    private static void write(AthleteSums sums, Names names, DataOutputStream out) throws IOException {
        out.writeInt(sums.choices().size());
        for (Map.Entry<String, Choices> each : sums.choices().entrySet()) {
            out.writeInt(names.number(each.getKey()));
            each.getValue().write(out, names::number);
        }
        out.writeInt(sums.each().size());
        for (Map.Entry<String, Map<String, Choices>> each : sums.each().entrySet()) {
            out.writeInt(names.number(each.getKey()));
            out.writeInt(each.getValue().size());
            for (Map.Entry<String, Choices> sort : each.getValue().entrySet()) {
                out.writeInt(names.number(sort.getKey()));
                sort.getValue().write(out, names::number);
            }
        }
        out.writeInt(sums.rates().size());
        for (Map.Entry<AthleteSums.OfOption, Exposure> each : sums.rates().entrySet()) {
            out.writeInt(names.number(each.getKey().tally()));
            out.writeInt(names.number(each.getKey().option()));
            each.getValue().write(out);
        }
    }

    private static AthleteSums sums(List<String> names, DataInputStream in) throws IOException {
        AthleteSums sums = new AthleteSums();
        for (int left = in.readInt(); left > 0; left--) {
            sums.choices().put(names.get(in.readInt()), Choices.read(in, names::get));
        }
        for (int left = in.readInt(); left > 0; left--) {
            String tally = names.get(in.readInt());
            Map<String, Choices> bySort = new LinkedHashMap<>();
            for (int sorts = in.readInt(); sorts > 0; sorts--) {
                bySort.put(names.get(in.readInt()), Choices.read(in, names::get));
            }
            sums.each().put(tally, bySort);
        }
        for (int left = in.readInt(); left > 0; left--) {
            String tally = names.get(in.readInt());
            sums.rates().put(new AthleteSums.OfOption(tally, names.get(in.readInt())), Exposure.read(in));
        }
        return sums;
    }

    /** Every name once: the same few thousand are told of everybody. */
    private static final class Names {
        private final Map<String, Integer> numbers = new LinkedHashMap<>();

        int number(String name) {
            return numbers.computeIfAbsent(name, any -> numbers.size());
        }

        void write(DataOutputStream out) throws IOException {
            out.writeInt(numbers.size());
            for (String name : numbers.keySet()) {
                byte[] text = name.getBytes(StandardCharsets.UTF_8);
                out.writeInt(text.length);
                out.write(text);
            }
        }

        static List<String> read(DataInputStream in) throws IOException {
            List<String> names = new ArrayList<>();
            for (int left = in.readInt(); left > 0; left--) {
                byte[] text = in.readNBytes(in.readInt());
                names.add(new String(text, StandardCharsets.UTF_8));
            }
            return names;
        }
    }
}
