package farglass.desktop.lexicon;

import farglass.core.Spelling;
import farglass.core.entry.Control;
import farglass.core.entry.Ends;
import farglass.core.entry.Facing;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.PositionBuilder;
import farglass.core.entry.Reach;
import farglass.core.entry.Role;
import farglass.core.entry.SideRule;
import farglass.core.entry.Start;
import farglass.core.entry.Target;
import farglass.core.entry.TechniqueBuilder;
import farglass.core.entry.Term;
import farglass.core.entry.Worth;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.Sheet;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** The pages on which the lexicon is added to. */
final class TermSheets {
    private TermSheets() {}

    static Sheet technique(LexiconModel model, String typed) {
        Form form = new Form();
        TextField label = form.text("Name", typed, "such as Coat hanger");
        TextField says = form.text("What it is", "", "one plain sentence");
        ComboBox<Kind> kind = form.choice("Kind", List.of(Kind.values()), Kind.SUBMISSION, Kind::label);
        TextField from = form.text("From", "", "positions, with commas: back control, turtle");
        ComboBox<Role> role = form.choice("Actor is", List.of(Role.values()), Role.ANY, TermSheets::role);
        TextField to = form.text("To", "", "where it ends when it works; empty if it stays there");
        ComboBox<Ends> ends = form.choice("On top then", List.of(Ends.values()), Ends.ACTOR, TermSheets::ends);
        ComboBox<SideRule> side =
                form.choice("A bare side is", List.of(SideRule.values()), SideRule.NONE, TermSheets::side);
        ComboBox<Optional<Target>> at = form.choice(
                "A submission at",
                Stream.concat(
                                Stream.of(Optional.<Target>empty()),
                                Stream.of(Target.values()).map(Optional::of))
                        .toList(),
                Optional.empty(),
                target -> target.map(Spelling::of).orElse("nothing, or the name does not say"));
        TextField of =
                form.text("A variant of", "", "another technique, with which it is counted together; mostly empty");
        TextField caution = form.text("Caution", "", "what to say before anyone drills it");
        TextField also = form.text("Other words", "", "with commas between them");
        return new Sheet("New technique", form).with("Add the technique", () -> {
            Lexicon lexicon = model.desk().lexicon();
            Optional<Set<String>> places = keys(from.getText(), lexicon);
            Optional<Set<String>> goals = to.getText().isBlank() ? Optional.of(Set.of()) : keys(to.getText(), lexicon);
            if (label.getText().isBlank() || says.getText().isBlank()) {
                return "Give it a name, and say in a sentence what it is.";
            }
            Optional<String> parent = lexicon.find(of.getText())
                    .flatMap(Term::asTechnique)
                    .map(technique -> lexicon.together(technique.key()));
            if (!of.getText().isBlank() && parent.isEmpty()) {
                return "“%s” is no technique of the lexicon. Leave the field empty, or name one that it is a variant of."
                        .formatted(of.getText().strip());
            }
            if (places.isEmpty() || goals.isEmpty()) {
                return unknown(places.isEmpty() ? from.getText() : to.getText(), lexicon);
            }
            return model.add(Lexicon.stanza(TechniqueBuilder.builder()
                    .key(key(label.getText()))
                    .label(clean(label.getText()))
                    .kind(kind.getValue())
                    .ends(goals.get().isEmpty() ? Ends.NOBODY : ends.getValue())
                    .sideRule(side.getValue())
                    .says(clean(says.getText()))
                    .names(words(also.getText()))
                    .generic(false)
                    .cloth(false)
                    .blows(false)
                    .often(0)
                    .starts(List.of(new Start(places.get(), role.getValue())))
                    .to(List.copyOf(goals.get()))
                    .reach(Reach.usual(kind.getValue()))
                    .target(at.getValue().filter(target -> kind.getValue() == Kind.SUBMISSION))
                    .caution(Optional.of(clean(caution.getText())).filter(text -> !text.isBlank()))
                    .parent(parent)
                    .create()));
        });
    }

    /** By how the two lie it is worked out whose left is whose right. */
    private enum Lying {
        EACH_OTHER("face to face, heads the same way", Optional.of(Facing.EACH_OTHER)),
        SAME_WAY("one behind the other", Optional.of(Facing.SAME_WAY)),
        HEADS_APART("face to face, heads opposite ways", Optional.of(Facing.HEADS_APART)),
        ANY_WAY("in any way", Optional.empty());

        private final String words;
        private final Optional<Facing> facing;

        Lying(String words, Optional<Facing> facing) {
            this.words = words;
            this.facing = facing;
        }

        private String words() {
            return words;
        }
    }

    static Sheet position(LexiconModel model, String typed) {
        Form form = new Form();
        TextField label = form.text("Name", typed, "such as Octopus half guard");
        TextField says = form.text("What it is", "", "one plain sentence");
        ComboBox<Family> family = form.choice("Family", List.of(Family.values()), Family.GUARD, Spelling::of);
        ComboBox<Control> control =
                form.choice("A ruleset sees", List.of(Control.values()), Control.GUARD, TermSheets::control);
        ComboBox<Boolean> top = form.choice(
                "Somebody on top", List.of(true, false), true, yes -> Boolean.TRUE.equals(yes) ? "yes" : "no");
        ComboBox<Lying> lying = form.choice("The two lie", List.of(Lying.values()), Lying.EACH_OTHER, Lying::words);
        TextField also = form.text("Other words", "", "with commas between them");
        form.sentence("Its worth is taken as level until the library has shown otherwise.");
        return new Sheet("New position", form).with("Add the position", () -> {
            if (label.getText().isBlank() || says.getText().isBlank()) {
                return "Give it a name, and say in a sentence what it is.";
            }
            return model.add(Lexicon.stanza(PositionBuilder.builder()
                    .key(key(label.getText()))
                    .label(clean(label.getText()))
                    .family(family.getValue())
                    .control(control.getValue())
                    .hasTop(top.getValue())
                    .worth(new Worth(0, 0))
                    .says(clean(says.getText()))
                    .names(words(also.getText()))
                    .facing(lying.getValue().facing)
                    .create()));
        });
    }

    static Sheet words(LexiconModel model, Term term) {
        Form form = new Form();
        TextField english = form.text("English", "", "with commas between them");
        TextField portuguese = form.text("Portuguese", "", "the first one is shown in that school");
        TextField japanese = form.text("Japanese", "", "in Latin letters");
        TextField slang = form.text("In the gym", "", "");
        return new Sheet("More words for " + Words.inSentence(term.label()), form)
                .with(
                        "Add the words",
                        () -> model.name(
                                term,
                                new Names(
                                        list(english.getText()),
                                        list(portuguese.getText()),
                                        list(japanese.getText()),
                                        list(slang.getText()),
                                        List.of(),
                                        List.of())));
    }

    static Sheet merge(LexiconModel model, Term term) {
        Form form = new Form();
        TextField into = form.text("Into", "", "another technique");
        form.sentence("Every moment with %s becomes one with the other; %s leaves the lexicon. One undo takes it back."
                .formatted(term.label(), term.label()));
        return new Sheet("Merge " + Words.inSentence(term.label()), form)
                .with("Merge", () -> model.merge(term, into.getText().strip()));
    }

    static Sheet name(LexiconModel model, LexiconModel.Unnamed words) {
        Form form = new Form();
        TextField technique = form.text(
                "It is",
                model.desk().lexicon().nearest(words.words()).map(Term::label).orElse(""),
                "a technique of the lexicon");
        form.sentence("%s with these words %s it. One undo takes it back."
                .formatted(
                        words.moments() == 1 ? "One moment" : words.moments() + " moments",
                        words.moments() == 1 ? "becomes" : "become"));
        return new Sheet("What is \u201c" + words.words() + "\u201d?", form)
                .with("Name it", () -> model.name(words, technique.getText().strip()));
    }

    private static String role(Role role) {
        return switch (role) {
            case TOP -> "on top";
            case BOTTOM -> "underneath";
            case NEUTRAL -> "neither";
            case ANY -> "either";
        };
    }

    private static String ends(Ends ends) {
        return switch (ends) {
            case ACTOR -> "who does it";
            case RECEIVER -> "the other";
            case NOBODY -> "nobody";
        };
    }

    private static String side(SideRule rule) {
        return rule == SideRule.NONE ? "nothing" : Spelling.of(rule).replace('-', ' ');
    }

    private static String control(Control control) {
        return Spelling.of(control).replace('-', ' ');
    }

    /** Quotes and line breaks would end the entry's own text. */
    private static String clean(String text) {
        return text.replace('"', '\'').replaceAll("\\p{Cntrl}+", " ").strip();
    }

    private static List<String> list(String text) {
        return Arrays.stream(text.split(","))
                .map(TermSheets::clean)
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private static Names words(String english) {
        return new Names(list(english), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    private static String key(String label) {
        String key = Words.plain(label).toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        String trimmed = key.replaceAll("^-+|-+$", "");
        String named = trimmed.isEmpty() ? "own-" + Integer.toHexString(label.hashCode()) : trimmed;
        return named.length() > 60 ? named.substring(0, 60) : named;
    }

    private static Optional<Set<String>> keys(String text, Lexicon lexicon) {
        Set<String> keys = new LinkedHashSet<>();
        for (String word : list(text)) {
            Optional<Position> term = lexicon.find(word).flatMap(Term::asPosition);
            if (term.isEmpty()) {
                return Optional.empty();
            }
            keys.add(term.get().key());
        }
        return keys.isEmpty() ? Optional.empty() : Optional.of(keys);
    }

    private static String unknown(String text, Lexicon lexicon) {
        return list(text).stream()
                .filter(word -> lexicon.find(word).flatMap(Term::asPosition).isEmpty())
                .findFirst()
                .map(word -> "\u201c%s\u201d is no position of the lexicon.%s"
                        .formatted(
                                word,
                                lexicon.nearest(word)
                                        .map(near -> " Did you mean %s?".formatted(near.label()))
                                        .orElse("")))
                .orElse("Name at least one position.");
    }
}
