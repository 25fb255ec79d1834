package farglass.core.corpus;

import farglass.core.estimate.Choices;
import farglass.core.estimate.time.Exposure;
import farglass.core.side.Seat;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What was added up of everybody, and counted bout by bout of those who were asked about, kept from one start of the program to the
 * next. It holds nothing that cannot be counted again, and is
 * believed only of athletes of whose bouts not a letter has changed.
 */
public final class KeptSums {
    public static final KeptSums NONE = new KeptSums(Map.of());

    /**
     * What is kept of one athlete.
     *
     * @param digest of all that is told of the athlete's bouts, in their order
     * @param own what was counted of each of these bouts; empty for those whom others are merely held against
     */
    private record Kept(byte[] digest, AthleteSums sums, List<KeptBout> own) {
        int size() {
            return sums.size()
                    + own.stream().mapToInt(bout -> bout.counts.size()).sum();
        }
    }

    private record KeptBout(Seat seat, double watchedMinutes, SeatCounts counts) {}

    private final Map<String, Kept> athletes;

    private KeptSums(Map<String, Kept> athletes) {
        this.athletes = athletes;
    }

    private static byte[] digest(List<BoutCounts> bouts) {
        MessageDigest all = BoutCounts.sha256();
        bouts.forEach(bout -> all.update(bout.digest()));
        return all.digest();
    }

    /** {@return what is kept of the athlete, if these are still the bouts} */
    Optional<AthleteSums> of(String athlete, List<BoutCounts> bouts) {
        return Optional.ofNullable(athletes.get(athlete))
                .filter(kept -> Arrays.equals(kept.digest, digest(bouts)))
                .map(kept -> kept.sums.copy());
    }

    /** {@return whether anything was kept of the single bouts of an athlete of whom {@link #of} gives something, and is known of them now} */
    boolean recall(String athlete, List<BoutCounts> bouts) {
        List<KeptBout> own = athletes.get(athlete).own;
        for (int i = 0; i < own.size(); i++) {
            bouts.get(i).recall(own.get(i).seat, own.get(i).watchedMinutes, own.get(i).counts);
        }
        return !own.isEmpty();
    }

    /** {@return whether something is kept here that the others lack} */
    public boolean saysMoreThan(KeptSums others) {
        return athletes.entrySet().stream().anyMatch(each -> {
            Kept other = others.athletes.get(each.getKey());
            return other == null
                    || !Arrays.equals(other.digest, each.getValue().digest)
                    || other.size() < each.getValue().size();
        });
    }

    /** Gathers what a corpus has added up. */
    static final class Gathered {
        private final Map<String, Kept> athletes = new LinkedHashMap<>();

        /** @param seats of each bout, of whom the bouts are kept one by one; empty for everybody else */
        void add(String athlete, List<BoutCounts> bouts, AthleteSums sums, List<Seat> seats) {
            List<KeptBout> own = IntStream.range(0, seats.size())
                    .mapToObj(i -> new KeptBout(
                            seats.get(i),
                            bouts.get(i).watchedMinutes(),
                            bouts.get(i).of(seats.get(i)).copy()))
                    .toList();
            athletes.put(athlete, new Kept(digest(bouts), sums.copy(), own));
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
                write(each.getValue().own, names, out);
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
                byte[] digest = new byte[BoutCounts.sha256().getDigestLength()];
                in.readFully(digest);
                athletes.put(athlete, new Kept(digest, sums(names, in), own(names, in)));
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

    private static void write(List<KeptBout> own, Names names, DataOutputStream out) throws IOException {
        out.writeInt(own.size());
        for (KeptBout bout : own) {
            out.writeByte(bout.seat.ordinal());
            out.writeDouble(bout.watchedMinutes);
            bout.counts.write(out, names::number);
        }
    }

    private static List<KeptBout> own(List<String> names, DataInputStream in) throws IOException {
        List<KeptBout> own = new ArrayList<>();
        for (int left = in.readInt(); left > 0; left--) {
            Seat seat = Seat.values()[in.readByte()];
            own.add(new KeptBout(seat, in.readDouble(), SeatCounts.read(in, names::get)));
        }
        return own;
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
