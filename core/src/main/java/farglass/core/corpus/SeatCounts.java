package farglass.core.corpus;

import farglass.core.estimate.time.Stay;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntFunction;
import java.util.function.ToIntFunction;

/** What was counted of one athlete in one bout, each by the id of what was asked. May be read and added to by many threads. */
record SeatCounts(
        Map<String, Counted> counted,
        Map<String, Map<String, Counted>> each,
        Map<String, List<TimedStay>> stays,
        Map<String, Map<String, Double>> minutes) {
    SeatCounts() {
        this(
                new ConcurrentHashMap<>(),
                new ConcurrentHashMap<>(),
                new ConcurrentHashMap<>(),
                new ConcurrentHashMap<>());
    }

    void add(SeatCounts others) {
        counted.putAll(others.counted);
        each.putAll(others.each);
        stays.putAll(others.stays);
        minutes.putAll(others.minutes);
    }

    SeatCounts copy() {
        SeatCounts copy = new SeatCounts();
        copy.add(this);
        return copy;
    }

    /** @param number gives each name its number */
    void write(DataOutputStream out, ToIntFunction<String> number) throws IOException {
        out.writeInt(counted.size());
        for (Map.Entry<String, Counted> each : counted.entrySet()) {
            out.writeInt(number.applyAsInt(each.getKey()));
            write(each.getValue(), out, number);
        }
        out.writeInt(each.size());
        for (Map.Entry<String, Map<String, Counted>> asked : each.entrySet()) {
            out.writeInt(number.applyAsInt(asked.getKey()));
            out.writeInt(asked.getValue().size());
            for (Map.Entry<String, Counted> sort : asked.getValue().entrySet()) {
                out.writeInt(number.applyAsInt(sort.getKey()));
                write(sort.getValue(), out, number);
            }
        }
        out.writeInt(stays.size());
        for (Map.Entry<String, List<TimedStay>> asked : stays.entrySet()) {
            out.writeInt(number.applyAsInt(asked.getKey()));
            out.writeInt(asked.getValue().size());
            for (TimedStay timed : asked.getValue()) {
                write(timed.evidence(), out, number);
                out.writeDouble(timed.stay().seconds());
                out.writeBoolean(timed.stay().ended());
                out.writeInt(number.applyAsInt(timed.stay().bout()));
            }
        }
        out.writeInt(minutes.size());
        for (Map.Entry<String, Map<String, Double>> asked : minutes.entrySet()) {
            out.writeInt(number.applyAsInt(asked.getKey()));
            out.writeInt(asked.getValue().size());
            for (Map.Entry<String, Double> stretch : asked.getValue().entrySet()) {
                out.writeInt(number.applyAsInt(stretch.getKey()));
                out.writeDouble(stretch.getValue());
            }
        }
    }

    /** @param name of each number, as {@link #write} gave them */
    static SeatCounts read(DataInputStream in, IntFunction<String> name) throws IOException {
        SeatCounts read = new SeatCounts();
        for (int left = in.readInt(); left > 0; left--) {
            read.counted.put(name.apply(in.readInt()), counted(in, name));
        }
        for (int left = in.readInt(); left > 0; left--) {
            String asked = name.apply(in.readInt());
            Map<String, Counted> bySort = new LinkedHashMap<>();
            for (int sorts = in.readInt(); sorts > 0; sorts--) {
                bySort.put(name.apply(in.readInt()), counted(in, name));
            }
            read.each.put(asked, Collections.unmodifiableMap(bySort));
        }
        for (int left = in.readInt(); left > 0; left--) {
            String asked = name.apply(in.readInt());
            List<TimedStay> stays = new ArrayList<>();
            for (int each = in.readInt(); each > 0; each--) {
                Evidence evidence = evidence(in, name);
                stays.add(
                        new TimedStay(evidence, new Stay(in.readDouble(), in.readBoolean(), name.apply(in.readInt()))));
            }
            read.stays.put(asked, Collections.unmodifiableList(stays));
        }
        for (int left = in.readInt(); left > 0; left--) {
            String asked = name.apply(in.readInt());
            Map<String, Double> minutes = new LinkedHashMap<>();
            for (int each = in.readInt(); each > 0; each--) {
                minutes.put(name.apply(in.readInt()), in.readDouble());
            }
            read.minutes.put(asked, Collections.unmodifiableMap(minutes));
        }
        return read;
    }

    private static void write(Counted counted, DataOutputStream out, ToIntFunction<String> number) throws IOException {
        out.writeInt(counted.taken().chances());
        for (List<Evidence> option : counted.evidence().values()) {
            for (Evidence each : option) {
                write(each, out, number);
            }
        }
    }

    private static Counted counted(DataInputStream in, IntFunction<String> name) throws IOException {
        List<Evidence> evidence = new ArrayList<>();
        for (int left = in.readInt(); left > 0; left--) {
            evidence.add(evidence(in, name));
        }
        return Counted.of(evidence);
    }

    /** Written in the place of a moment’s number where there is no moment. */
    private static final int NONE = -1;

    private static void write(Evidence evidence, DataOutputStream out, ToIntFunction<String> number)
            throws IOException {
        out.writeInt(number.applyAsInt(evidence.bout()));
        out.writeInt(evidence.moment().map(number::applyAsInt).orElse(NONE));
        out.writeInt(number.applyAsInt(evidence.option()));
    }

    private static Evidence evidence(DataInputStream in, IntFunction<String> name) throws IOException {
        String bout = name.apply(in.readInt());
        int moment = in.readInt();
        return new Evidence(
                bout, moment == NONE ? Optional.empty() : Optional.of(name.apply(moment)), name.apply(in.readInt()));
    }

    int size() {
        return counted.size() + each.size() + stays.size() + minutes.size();
    }
}
