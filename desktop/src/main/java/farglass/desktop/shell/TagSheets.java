package farglass.desktop.shell;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Times;
import farglass.core.prose.HowMany;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.lexicon.LexiconModel;
import farglass.desktop.lexicon.UnknownWord;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.desktop.shelf.Intake;
import farglass.desktop.tag.facts.FactSheet;
import farglass.desktop.tag.page.TagModel;
import farglass.desktop.tag.page.TagView;
import farglass.drawing.Palette;
import farglass.film.reel.Reel;
import farglass.film.source.Films;
import farglass.library.exchange.Cutting;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.TextField;

/** What Tag asks of the window: file names, sheets, and the keeping of settings. */
final class TagSheets implements TagView.Errands {
    private static final double LEAD_IN_SECONDS = 3;
    private static final double LEAD_OUT_SECONDS = 2;
    private static final double LONGEST_LEAD = 60;

    private final Desk desk;
    private final Settings settings;
    private final Choosers choosers;
    private final Sheets sheets;
    private final Intake intake;
    private final LexiconModel lexicon;
    private final ObservableValue<Palette> palette;

    TagSheets(
            Desk desk,
            Settings settings,
            Choosers choosers,
            Sheets sheets,
            Intake intake,
            LexiconModel lexicon,
            ObservableValue<Palette> palette) {
        this.palette = palette;
        this.desk = desk;
        this.settings = settings;
        this.choosers = choosers;
        this.sheets = sheets;
        this.intake = intake;
        this.lexicon = lexicon;
    }

    @Override
    public void newWord(String typed) {
        UnknownWord.ask(lexicon, sheets, typed);
    }

    @Override
    public void tellMore(TagModel tag) {
        FactSheet.ask(tag.tagging(), sheets, palette);
    }

    @Override
    public void addFilm() {
        intake.chooseFilm();
    }

    @Override
    public void reel(TagModel tag) {
        Set<String> chosen = tag.choice().chosen();
        if (tag.open().bout().isEmpty() || chosen.isEmpty()) {
            desk.messages()
                    .say(
                            "Choose the moments of the reel first: with Shift and the arrows, with the mouse, or all with Ctrl+A.");
            return;
        }
        Bout bout = tag.open().bout().get();
        Form form = new Form();
        TextField before = form.text("Seconds before", Double.toString(LEAD_IN_SECONDS), "seen before each moment");
        TextField after = form.text("Seconds after", Double.toString(LEAD_OUT_SECONDS), "seen after each moment");
        String title = "Cut a reel of " + HowMany.of(chosen.size(), "moment");
        sheets.lay(new Sheet(title, form).with("Choose where\u2026", () -> {
            double in = seconds(before);
            double out = seconds(after);
            if (!(in >= 0 && in <= LONGEST_LEAD && out > 0 && out <= LONGEST_LEAD)) {
                return "Both are seconds from 0 to 60, such as 3 and 2; after each moment at least a little is seen.";
            }
            List<Cutting> cuttings =
                    Cutting.of(bout, chosen, Math.round(in * 1e6), Math.round(out * 1e6), desk.lexicon());
            if (cuttings.isEmpty()) {
                return "None of these moments has a time on a film.";
            }
            choosers.save("Cut a reel", "Films", "mp4", "reel.mp4").ifPresent(mp4 -> cut(tag, cuttings, mp4));
            return "";
        }));
    }

    private static double seconds(TextField field) {
        String text = field.getText().strip().replace(',', '.');
        return text.matches("[0-9]{1,3}(\\.[0-9]{1,3})?") ? Double.parseDouble(text) : Double.NaN;
    }

    private void cut(TagModel tag, List<Cutting> cuttings, Path mp4) {
        List<Reel.Clip> clips = cuttings.stream()
                .map(cutting -> new Reel.Clip(
                        tag.playhead().film().pathOf(cutting.film()),
                        cutting.fromMicros(),
                        cutting.toMicros(),
                        cutting.words()))
                .toList();
        desk.work()
                .start(
                        "Cutting " + mp4.getFileName(),
                        (progress, cancelled) -> Reel.write(mp4, clips, progress, cancelled),
                        length -> desk.messages()
                                .say("The reel, %s long, was written to %s, with a playlist and captions beside it."
                                        .formatted(Times.seconds(length), mp4)),
                        desk.messages()::fail);
    }

    @Override
    public void cut(TagModel tag) {
        if (tag.playhead().film().link().isEmpty() || !tag.playhead().player().hasFilm()) {
            desk.messages().say("There is no film to cut: add one in the header (Ctrl+E).");
            return;
        }
        FilmLink here = new FilmLink(
                tag.playhead().film().link().get().path(),
                tag.playhead().player().timeProperty().get());
        intake.another(here, tag.open().bout().orElseThrow());
    }

    @Override
    public void findFilm(TagModel tag) {
        choosers.open("Where is the film now?", "Films", Films.VIDEO_ENDINGS).stream()
                .findFirst()
                .ifPresent(tag.playhead().film()::chosen);
    }

    @Override
    public void keepSettings() {
        try {
            settings.save();
        } catch (IOException e) {
            desk.messages()
                    .fail("This setting holds until you close the window; it could not be written: " + e.getMessage());
        }
    }
}
