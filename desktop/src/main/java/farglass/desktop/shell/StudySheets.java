package farglass.desktop.shell;

import farglass.core.bout.Header;
import farglass.core.bout.Uniform;
import farglass.core.change.Change;
import farglass.core.entry.Term;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.desk.Desk;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.NewNames;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Suggestions;
import farglass.library.Library;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** Sheets that make athletes, studies and camps. */
final class StudySheets {
    private StudySheets() {}

    static Sheet athlete(Desk desk) {
        Form form = new Form();
        TextField name = form.text("Name", "", "as it is to be shown");
        return new Sheet("New athlete", form).with("Add the athlete", () -> {
            String wanted = name.getText().strip();
            if (wanted.isEmpty()) {
                return "Write a name.";
            }
            if (desk.contents().athleteNamed(wanted).isPresent()) {
                return wanted + " is in the library already.";
            }
            desk.change("Add " + wanted, Change.added(new Athlete(Library.newId(), wanted)))
                    .thenAccept(act -> desk.messages().say(wanted + " was added."));
            return "";
        });
    }

    static Sheet study(Desk desk) {
        Form form = new Form();
        TextField name = form.text("Name", "", "what is being looked into");
        TextField subjects = form.text("Athletes", "", "under study, with commas between them");
        List<String> known = names(desk);
        NewNames newNames = new NewNames(known);
        Suggestions.attachToSeveral(subjects, known);
        TextField focus = form.text("Position", "", "or technique, if the study is about one: closed guard");
        Suggestions.attach(
                focus,
                Stream.concat(desk.lexicon().positions().stream(), desk.lexicon().techniques().stream())
                        .map(Term::label)
                        .toList());
        form.sentence(
                "A study weighs all its bouts alike. With a position or technique it looks at the bouts in which that came up; of everybody, where no athlete is named. For an event with a date, make a camp.");
        return new Sheet("New study", form)
                .with(
                        "Begin the study",
                        () -> save(
                                desk, name, subjects, newNames, focus.getText().strip(), athlete -> Optional.empty()));
    }

    /** @param rulesets those that a bout can be fought under: shipped, and the user's own */
    static Sheet camp(Desk desk, Supplier<Rulesets> rulesets) {
        Form form = new Form();
        TextField name = form.text("Name", "", "such as the event");
        List<String> known = names(desk);
        NewNames newNames = new NewNames(known);
        ComboBox<String> ours = form.name("Our athlete", known, "");
        TextField subjects = form.text("Opponents", "", "with commas between them");
        Suggestions.attachToSeveral(subjects, known);
        TextField event = form.text("Event", "", "such as Saltmarsh Open");
        TextField date = form.day("Date", Optional.empty());
        ComboBox<String> rules = form.name(
                "Rules", rulesets.get().all().stream().map(Ruleset::name).toList(), Header.DEFAULT_RULESET);
        ComboBox<Uniform> uniform = form.choice("Uniform", List.of(Uniform.values()), Uniform.GI, Uniform::label);
        form.sentence("A camp gives more weight to bouts that are recent, and of the same rules and uniform.");
        return new Sheet("New camp", form).with("Begin the camp", () -> {
            LocalDate day;
            try {
                day = LocalDate.parse(date.getText().strip());
            } catch (DateTimeParseException e) {
                return "\"%s\" is no date. Write year, month and day, such as 2026-06-06.".formatted(date.getText());
            }
            String our = ours.getEditor().getText().strip();
            if (our.isEmpty()) {
                return "Say who our athlete is.";
            }
            Optional<String> spelling = newNames.ask(our);
            if (spelling.isPresent()) {
                return spelling.get();
            }
            if (listed(subjects).contains(our)) {
                return "%s is our athlete, and cannot be an opponent as well.".formatted(our);
            }
            String fought = rules.getEditor().getText().strip();
            if (rulesets.get().all().stream().map(Ruleset::name).noneMatch(fought::equals)) {
                // Bouts under rules of any other name would all count as fought under other rules.
                return "There is no ruleset named \u201c%s\u201d. Choose one of the list.".formatted(fought);
            }
            return save(
                    desk,
                    name,
                    subjects,
                    newNames,
                    "",
                    athlete -> Optional.of(new Camp(
                            athlete.apply(our).id(), event.getText().strip(), day, fought, uniform.getValue())));
        });
    }

    private static List<String> listed(TextField subjects) {
        return Arrays.stream(subjects.getText().split(","))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .distinct()
                .toList();
    }

    private static List<String> names(Desk desk) {
        return desk.contents().athletes().stream().map(Athlete::name).toList();
    }

    private static Optional<Athlete> known(Desk desk, String name) {
        return desk.contents().athleteNamed(name);
    }

    /** @param camp its camp, of athletes by name; they are added where the library does not know them */
    private static String save(
            Desk desk,
            TextField name,
            TextField subjects,
            NewNames newNames,
            String focus,
            Function<Function<String, Athlete>, Optional<Camp>> camp) {
        String wanted = name.getText().strip();
        List<String> names = listed(subjects);
        if (wanted.isEmpty()) {
            return "Give it a name.";
        }
        Optional<Term> about = desk.lexicon().find(focus);
        if (!focus.isEmpty() && about.isEmpty()) {
            return "\u201c%s\u201d is not in the lexicon.%s"
                    .formatted(
                            focus,
                            desk.lexicon()
                                    .nearest(focus)
                                    .map(near -> " Did you mean %s?".formatted(near.label()))
                                    .orElse(""));
        }
        if (names.isEmpty() && about.isEmpty()) {
            return "Name at least one athlete, or a position or technique, to be studied.";
        }
        Optional<String> spelling =
                names.stream().flatMap(who -> newNames.ask(who).stream()).findFirst();
        if (spelling.isPresent()) {
            return spelling.get();
        }
        if (desk.contents().studies().stream().anyMatch(study -> study.name().equals(wanted))) {
            return "There is a study named %s already. Choose another name.".formatted(wanted);
        }
        String id = Library.newId();
        List<Change> changes = new ArrayList<>();
        Map<String, Athlete> people = new HashMap<>();
        Function<String, Athlete> athlete =
                who -> people.computeIfAbsent(who, any -> known(desk, who).orElseGet(() -> {
                    Athlete made = new Athlete(Library.newId(), who);
                    changes.add(Change.added(made));
                    return made;
                }));
        List<String> ids = names.stream().map(who -> athlete.apply(who).id()).toList();
        Study study = new Study(id, wanted, ids, about.map(Term::key), camp.apply(athlete));
        changes.add(Change.added(study));
        desk.change("Begin " + wanted, changes).thenAccept(act -> {
            desk.study().property().set(desk.contents().study(id));
            desk.messages().say(wanted + " is now in force.");
        });
        return "";
    }
}
