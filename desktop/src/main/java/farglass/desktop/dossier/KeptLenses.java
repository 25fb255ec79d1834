package farglass.desktop.dossier;

import farglass.desktop.desk.KeptLens;
import farglass.desktop.desk.Settings;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;

/** The sets of filters that somebody gave a name: taken again, kept, forgotten. They are this person's, for every library. */
final class KeptLenses extends HBox {
    private final DossierModel model;
    private final Settings settings;
    private final LensWord menu = new LensWord("kept");
    private final TextField name = new TextField();

    KeptLenses(DossierModel model, Settings settings) {
        this.model = model;
        this.settings = settings;
        menu.setText("Filters");
        name.setId("lens-name");
        name.setPromptText("What these filters are called; Enter keeps them");
        name.setPrefColumnCount(24);
        name.managedProperty().bind(name.visibleProperty());
        name.setVisible(false);
        name.setOnAction(event -> keep());
        name.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                close();
                event.consume();
            }
        });
        setSpacing(6);
        getChildren().addAll(menu, name);
    }

    void show() {
        List<MenuItem> items = new ArrayList<>();
        items.add(LensWord.item("No filters", () -> model.lensProperty().set(Lens.USUAL)));
        items.add(LensWord.item("Keep these as\u2026", this::ask));
        if (!settings.lenses().isEmpty()) {
            items.add(new SeparatorMenuItem());
        }
        for (KeptLens kept : settings.lenses()) {
            items.add(LensWord.item(kept.name(), () -> take(kept)));
        }
        Optional<KeptLens> now = settings.lenses().stream()
                .filter(kept -> Lens.read(kept.text())
                        .equals(Optional.of(model.lensProperty().get())))
                .findFirst();
        now.ifPresent(kept -> {
            items.add(new SeparatorMenuItem());
            items.add(LensWord.item("Forget \u201c%s\u201d".formatted(kept.name()), () -> {
                settings.forgetLens(kept.name());
                save();
            }));
        });
        menu.setText(now.map(kept -> "Filters: " + kept.name()).orElse("Filters"));
        menu.getItems().setAll(items);
    }

    private void take(KeptLens kept) {
        Optional<Lens> lens = Lens.read(kept.text());
        lens.ifPresent(model.lensProperty()::set);
        if (lens.isEmpty()) {
            model.desk()
                    .messages()
                    .say(
                            "The filters kept as \u201c%s\u201d are damaged and cannot be read. Set them anew and keep them under that name."
                                    .formatted(kept.name()));
        }
    }

    private void ask() {
        name.setVisible(true);
        name.clear();
        name.requestFocus();
    }

    private void close() {
        name.setVisible(false);
        menu.requestFocus();
    }

    private void keep() {
        String called = name.getText().strip().replaceAll("\\s+", " ");
        Optional<String> text = model.lensProperty().get().text();
        if (called.isEmpty() || text.isEmpty()) {
            model.desk()
                    .messages()
                    .say(
                            called.isEmpty()
                                    ? "Filters that are kept need a name."
                                    : "A name in these filters holds a semicolon: they cannot be kept.");
            return;
        }
        settings.keep(new KeptLens(called, text.get()));
        save();
        close();
    }

    private void save() {
        try {
            settings.save();
        } catch (IOException e) {
            model.desk().messages().fail(e);
        }
        show();
    }
}
