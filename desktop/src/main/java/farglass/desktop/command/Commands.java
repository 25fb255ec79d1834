package farglass.desktop.command;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.input.KeyEvent;

/** All that a person can do in one window. */
public final class Commands {
    private final Map<String, Command> commands = new LinkedHashMap<>();
    private final Consumer<String> say;
    private final Consumer<Command> used;
    private BiConsumer<Command, Integer> obey = this::obey;
    /** Adds what was not added yet. */
    private Runnable completing = () -> {};

    /**
     * Nothing can be done yet.
     *
     * @param say tells the person a sentence
     * @param used hears of each command that was done
     */
    public Commands(Consumer<String> say, Consumer<Command> used) {
        this.say = say;
        this.used = used;
    }

    /** Adds what can be done, in the order in which it is read. */
    public void add(List<Command> more) {
        for (Command command : more) {
            if (commands.putIfAbsent(command.id(), command) != null) {
                throw new IllegalArgumentException("Two commands are called " + command.id());
            }
        }
    }

    /** Says how to add what can be done in places that are not laid out yet; that is done as soon as somebody asks for it. */
    public void completeWith(Runnable completing) {
        this.completing = completing;
    }

    /** {@return all, in the order in which they are read} */
    public List<Command> all() {
        completing.run();
        return List.copyOf(commands.values());
    }

    /** {@return the command that is called so} */
    public Command command(String id) {
        if (!commands.containsKey(id)) {
            completing.run();
        }
        Command known = commands.get(id);
        if (known == null) {
            throw new NoSuchElementException("No command is called " + id);
        }
        return known;
    }

    /**
     * Does what the key commands, or says why it cannot be done now; the event is then consumed.
     *
     * @param places that hear keys now, the one in front first
     * @return whether any of them heard it
     */
    public boolean hear(KeyEvent event, List<Where> places) {
        for (Where place : places) {
            for (Command command : commands.values()) {
                int key = command.where() == place ? heard(command, event) : -1;
                if (key >= 0) {
                    event.consume();
                    obey.accept(command, key);
                    return true;
                }
            }
        }
        return false;
    }

    private static int heard(Command command, KeyEvent event) {
        for (int i = 0; i < command.keys().size(); i++) {
            if (command.keys().get(i).isHeardIn(event) && command.hears().test(i)) {
                return i;
            }
        }
        return -1;
    }

    /** Does it, or says why it cannot be done now. */
    public void run(Command command) {
        obey.accept(command, 0);
    }

    private void obey(Command command, int key) {
        Optional<String> hindrance = command.hindrance().get();
        if (hindrance.isPresent()) {
            say.accept(hindrance.get() + ".");
            return;
        }
        used.accept(command);
        command.doing().accept(key);
    }

    /** Has that done in place of what is commanded, told the number of the key; for trying out which key commands what. */
    public void insteadDo(BiConsumer<Command, Integer> other) {
        obey = other;
    }

    /** {@return what two commands hear in one place while neither comes first, in words; none, if all is well} */
    public List<String> clashes() {
        List<Command> all = all();
        List<String> clashes = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                Command one = all.get(i);
                Command other = all.get(j);
                if (one.where().clashes(other.where())) {
                    one.keys().stream()
                            .filter(other.keys()::contains)
                            .forEach(key -> clashes.add("%s: %s, %s".formatted(key, one.id(), other.id())));
                }
            }
        }
        return clashes;
    }
}
