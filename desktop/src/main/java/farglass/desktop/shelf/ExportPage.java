package farglass.desktop.shelf;

import farglass.core.bout.Bout;
import farglass.core.prose.HowMany;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.Sheet;
import farglass.library.exchange.BoutExport;
import farglass.library.exchange.Destination;
import java.util.List;
import javafx.scene.control.ComboBox;

/** In which form a bout leaves, and whether what is private goes with it. */
final class ExportPage {
    private ExportPage() {}

    static Sheet of(Bout bout, Desk desk, Choosers choosers) {
        Form form = new Form();
        ComboBox<BoutExport.Form> forms =
                form.choice("As", List.of(BoutExport.Form.values()), BoutExport.Form.bout, ExportPage::words);
        ComboBox<Boolean> full = form.choice("Copy", List.of(false, true), false, ExportPage::words);
        long hidden = bout.moments().stream()
                .filter(moment -> moment.telling().confidential())
                .count();
        form.sentence(
                hidden == 0
                        ? "No moment of this bout is private; the athletes\u2019 weight is left out for sharing."
                        : "%s, ties to them and the athletes\u2019 weight are left out for sharing."
                                .formatted(HowMany.of(hidden, "private moment")));
        return new Sheet("Export this bout", form).with("Choose where\u2026", () -> {
            BoutExport.Form chosen = forms.getValue();
            boolean whole = full.getValue();
            choosers.save("Export the bout", "Bouts", chosen.name(), BoutExport.fileName(bout, chosen))
                    .ifPresent(target -> desk.work()
                            .start(
                                    "Writing " + target.getFileName(),
                                    (progress, cancelled) -> {
                                        BoutExport.write(bout, Destination.chosen(target), chosen, whole);
                                        return target;
                                    },
                                    written -> desk.messages()
                                            .say("%s was written, %s."
                                                    .formatted(written, whole ? "a full copy" : "for sharing")),
                                    desk.messages()::fail));
            return "";
        });
    }

    private static String words(BoutExport.Form form) {
        return switch (form) {
            case bout -> "bout file: everything, as text";
            case json -> "JSON: everything, for programs";
            case csv -> "table (CSV): the moments, for a spreadsheet";
        };
    }

    private static String words(Boolean full) {
        return Boolean.TRUE.equals(full) ? "full copy, with what is private" : "for sharing, without what is private";
    }
}
