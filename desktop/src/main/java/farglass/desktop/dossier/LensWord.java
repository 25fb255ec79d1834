package farglass.desktop.dossier;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** A word of the sentence that can be exchanged for others. */
final class LensWord extends MenuButton {
    LensWord(String id) {
        setId("lens-" + id);
        getStyleClass().add("lens-word");
        setMnemonicParsing(false);
    }

    static MenuItem item(String words, Runnable doing) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> doing.run());
        return item;
    }

    /** {@return each of them as an item, that which is in force ticked} */
    static <T> List<MenuItem> choices(List<T> all, T now, Function<T, String> words, Consumer<T> choosing) {
        return all.stream()
                .map(each -> {
                    CheckMenuItem item = new CheckMenuItem(words.apply(each));
                    item.setMnemonicParsing(false);
                    item.setSelected(each.equals(now));
                    item.setOnAction(event -> choosing.accept(each));
                    return (MenuItem) item;
                })
                .toList();
    }

    /** Says the one in force, and offers them all. */
    <T> void offer(Supplier<List<T>> all, T now, Function<T, String> words, Consumer<T> choosing) {
        say(words.apply(now), () -> choices(all.get(), now, words, choosing));
    }

    /** Says these words, and offers what there is by the time it is asked for: most words are never touched. */
    void say(String words, Supplier<List<MenuItem>> offered) {
        setText(words);
        setOnShowing(event -> getItems().setAll(offered.get()));
        if (getItems().isEmpty()) {
            // A menu without items never asks for them.
            getItems().add(new MenuItem("\u2026"));
        }
    }

    /** {@return any of them, behind that none of them is asked for} */
    static <T> List<Optional<T>> any(List<T> all) {
        return Stream.concat(Stream.of(Optional.<T>empty()), all.stream().map(Optional::of))
                .toList();
    }
}
