package farglass.desktop.tag.facts;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Fact;
import farglass.core.phrase.Phrase;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Palette;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;

/** Asks what more is told of the chosen moment, one concept at a time. */
public final class FactSheet {
    private FactSheet() {}

    /** Lays the sheet for the one chosen moment, or says which to choose. */
    public static void ask(Tagging tag, Sheets sheets, ObservableValue<Palette> palette) {
        Optional<Bout> bout = tag.open().bout();
        Optional<Moment> chosen = bout.flatMap(shown -> tag.choice().lead().flatMap(shown::moment));
        if (chosen.isEmpty()) {
            tag.desk()
                    .messages()
                    .say(
                            "Choose a moment first, by Up and Down or with the mouse: more is told of one that stands there.");
            return;
        }
        Moment moment = chosen.get();
        FactForms forms = new FactForms(moment, bout.get(), tag.desk().lexicon(), palette);
        Form first = new Form();
        ComboBox<FactForms.Concept> concept = first.choice(
                "What is told", List.of(FactForms.Concept.values()), FactForms.Concept.GRIP, FactForms.Concept::label);
        VBox content = new VBox(8, first);
        FactForms.Filled[] shown = {forms.of(FactForms.Concept.GRIP)};
        content.getChildren().add(shown[0].form());
        concept.valueProperty().addListener((property, old, now) -> {
            shown[0] = forms.of(now);
            content.getChildren().set(1, shown[0].form());
        });
        String title = "More of: "
                + Phrase.told(
                        moment.with(Telling.NOTHING), bout.get(), tag.desk().lexicon());
        sheets.lay(new Sheet(title, content).with("Tell it", () -> tell(tag, moment.id(), shown[0])));
    }

    private static String tell(Tagging tag, String id, FactForms.Filled filled) {
        Optional<Moment> now = tag.open().bout().flatMap(bout -> bout.moment(id));
        if (now.isEmpty()) {
            return "The moment was removed meanwhile; Ctrl+Z brings it back.";
        }
        Fact fact;
        try {
            fact = filled.fact().get();
        } catch (IllegalArgumentException e) {
            // The form says what is missing.
            return e.getMessage();
        }
        if (!now.get().telling().facts().contains(fact)) {
            Moment told = now.get().with(now.get().telling().and(fact));
            tag.open().tell(told);
        }
        return "";
    }
}
