package farglass.desktop.desk;

import farglass.core.entry.School;
import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** How this person likes the product to look and feel. Kept in a small file of its own, not in the library. */
public final class Settings {
    /** From seeing something to typing its first letter; a usual human delay, to be set by each person. */
    public static final double USUAL_LAG_SECONDS = 0.4;

    private static final int MOST_RECENT = 8;
    private static final int MOST_LENSES = 40;
    private static final String USES = "uses.";
    private static final int MOST_USES = 9999;
    private static final double USUAL_WORDS_SHARE = 0.5;
    private static final double LEAST_WORDS_SHARE = 0.35;
    private static final double MOST_WORDS_SHARE = 0.7;
    private static final double USUAL_TIDE_PX = 136;
    private static final double LEAST_TIDE_PX = 96;
    private static final double MOST_TIDE_PX = 320;

    private final Path file;
    private final BooleanProperty dark = new SimpleBooleanProperty(false);
    private final IntegerProperty textPercent = new SimpleIntegerProperty(100);
    private final DoubleProperty lagSeconds = new SimpleDoubleProperty(USUAL_LAG_SECONDS);

    private final DoubleProperty wordsShare = within(USUAL_WORDS_SHARE, LEAST_WORDS_SHARE, MOST_WORDS_SHARE);
    private final DoubleProperty tideHeight = within(USUAL_TIDE_PX, LEAST_TIDE_PX, MOST_TIDE_PX);
    private final ObservableList<RecentLibrary> recent = FXCollections.observableArrayList();
    private final ObservableList<KeptLens> lenses = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<WindowBounds>> window = new SimpleObjectProperty<>(Optional.empty());

    private final Map<String, Integer> uses = new HashMap<>();

    private final ObjectProperty<School> school = new SimpleObjectProperty<>(School.ENGLISH);

    private Settings(Path file) {
        this.file = file;
    }

    /** {@return the folder beside the settings where sums are kept} */
    public Path sums() {
        return file.resolveSibling("sums");
    }

    /** {@return the folder beside the settings where the log is kept} */
    public Path log() {
        return file.resolveSibling("log");
    }

    /** {@return the settings in that file; the usual ones where it is missing or says something impossible} */
    public static Settings read(Path file) throws IOException {
        Settings settings = new Settings(file);
        if (Files.isRegularFile(file)) {
            Properties kept = new Properties();
            try (Reader in = Files.newBufferedReader(file)) {
                kept.load(in);
            } catch (IllegalArgumentException | java.nio.charset.CharacterCodingException e) {
                // A damaged settings file costs a preference, never work: the usual settings stand.
                kept.clear();
            }
            settings.dark.set(Boolean.parseBoolean(kept.getProperty("dark")));
            settings.textPercent.set((int) number(kept, "text", 100, 100, 150));
            Arrays.stream(School.values())
                    .filter(each -> each.name().equalsIgnoreCase(kept.getProperty("school")))
                    .findFirst()
                    .ifPresent(settings.school::set);
            settings.wordsShare.set(number(kept, "words", USUAL_WORDS_SHARE, LEAST_WORDS_SHARE, MOST_WORDS_SHARE));
            settings.tideHeight.set(number(kept, "tide", USUAL_TIDE_PX, LEAST_TIDE_PX, MOST_TIDE_PX));
            settings.lagSeconds.set(number(kept, "lag", USUAL_LAG_SECONDS, 0, 3));
            for (int i = 0; i < MOST_RECENT; i++) {
                RecentLibrary.parse(kept.getProperty("recent." + i, "")).ifPresent(settings.recent::add);
            }
            for (int i = 0; i < MOST_LENSES; i++) {
                KeptLens.parse(kept.getProperty("lens." + i, "")).ifPresent(settings.lenses::add);
            }
            for (String key : kept.stringPropertyNames()) {
                if (key.startsWith(USES)) {
                    settings.uses.put(key.substring(USES.length()), (int) number(kept, key, 0, 0, MOST_USES));
                }
            }
            settings.window.set(WindowBounds.parse(kept.getProperty("window", "")));
        }
        return settings;
    }

    private static double number(Properties kept, String key, double usual, double least, double most) {
        String text = kept.getProperty(key, "");
        if (!text.matches("[0-9]{1,4}(\\.[0-9]{1,4})?")) {
            return usual;
        }
        return Math.max(least, Math.min(most, Double.parseDouble(text)));
    }

    /** {@return the folder in which this person's own things are kept} */
    public Path folder() {
        return file.toAbsolutePath().getParent();
    }

    /** Writes the settings; the old file stays until the new one is whole. */
    public void save() throws IOException {
        Properties kept = new Properties();
        kept.setProperty("dark", Boolean.toString(dark.get()));
        kept.setProperty("text", Integer.toString(textPercent.get()));
        kept.setProperty("school", school.get().name().toLowerCase(Locale.ROOT));
        kept.setProperty("lag", Double.toString(lagSeconds.get()));
        kept.setProperty("words", String.format(Locale.ROOT, "%.3f", wordsShare.get()));
        kept.setProperty("tide", String.format(Locale.ROOT, "%.0f", tideHeight.get()));
        for (int i = 0; i < recent.size(); i++) {
            kept.setProperty("recent." + i, recent.get(i).words());
        }
        for (int i = 0; i < lenses.size(); i++) {
            kept.setProperty("lens." + i, lenses.get(i).words());
        }
        uses.forEach((what, times) -> kept.setProperty(USES + what, Integer.toString(times)));
        window.get().ifPresent(bounds -> kept.setProperty("window", bounds.words()));
        Files.createDirectories(file.toAbsolutePath().getParent());
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try (Writer out = Files.newBufferedWriter(part)) {
            kept.store(out, "Far Glass");
        }
        Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
    }

    /** {@return in whose words positions and techniques are shown} */
    public ObjectProperty<School> schoolProperty() {
        return school;
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    /** {@return the libraries that were open here, the last one first} */
    public ObservableList<RecentLibrary> recent() {
        return FXCollections.unmodifiableObservableList(recent);
    }

    /** Remembers that a library was opened, in front of the others. */
    public void opened(RecentLibrary library) {
        forget(library.path());
        recent.add(0, library);
        if (recent.size() > MOST_RECENT) {
            recent.remove(MOST_RECENT);
        }
    }

    /** Remembers a library no longer; the library itself is left alone. */
    public void forget(Path path) {
        recent.removeIf(known -> known.path().equals(path));
    }

    /** Remembers that something was done once more; written with the settings the next time. */
    public void used(String command) {
        uses.merge(command, 1, (before, once) -> Math.min(MOST_USES, before + once));
    }

    /** {@return how often that was done by this person, from 0 to 9,999} */
    public int uses(String command) {
        return uses.getOrDefault(command, 0);
    }

    /** {@return the filters kept for the dossier, by name} */
    public ObservableList<KeptLens> lenses() {
        return FXCollections.unmodifiableObservableList(lenses);
    }

    /**
     * Keeps filters under a name, in place of others of that name; the oldest make room for the newest.
     *
     * @param lens of which the name has no tab or line break
     */
    public void keep(KeptLens lens) {
        forgetLens(lens.name());
        lenses.add(lens);
        if (lenses.size() > MOST_LENSES) {
            lenses.remove(0);
        }
    }

    public void forgetLens(String name) {
        lenses.removeIf(known -> known.name().equals(name));
    }

    /** {@return where the window stood when it was last closed; empty before that} */
    public ObjectProperty<Optional<WindowBounds>> windowProperty() {
        return window;
    }

    /** {@return how much of the width of Tag the words take, from .35 to .7; a value beyond is brought back} */
    public DoubleProperty wordsShareProperty() {
        return wordsShare;
    }

    /** {@return the height of the tide in pixels, from 96 to 320; a value beyond is brought back} */
    public DoubleProperty tideHeightProperty() {
        return tideHeight;
    }

    private static DoubleProperty within(double usual, double least, double most) {
        return new SimpleDoubleProperty(usual) {
            @Override
            public void set(double value) {
                super.set(Math.max(least, Math.min(most, value)));
            }
        };
    }

    /** {@return 100, 125 or 150} */
    public IntegerProperty textPercentProperty() {
        return textPercent;
    }

    /** {@return real seconds from seeing to typing, in [0, 3]} */
    public DoubleProperty lagSecondsProperty() {
        return lagSeconds;
    }
}
