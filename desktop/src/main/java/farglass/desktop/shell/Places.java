package farglass.desktop.shell;

import farglass.desktop.desk.InterfaceThread;
import farglass.desktop.desk.Place;
import farglass.desktop.parts.Drawn;
import farglass.desktop.parts.PartByPart;
import java.util.ArrayDeque;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * The places of one window, of which one is in sight. Each is laid out when it is first wanted, and those before it with it, so that what
 * can be done in them is always read in the same order. Places that were looked at stay, out of sight: what comes into a window is styled
 * anew, which takes longest of all.
 */
final class Places extends StackPane {
    /**
     * A place as it was laid out.
     *
     * @param begins done whenever one comes there
     * @param left done whenever another place is shown
     * @param closes lets go of what is open in it, when the library is closed
     */
    record Laid(Region view, Runnable begins, Runnable left, Runnable closes) {
        static Laid of(Region view, Runnable begins) {
            return new Laid(view, begins, () -> {}, () -> {});
        }
    }

    private static final Insets AROUND = new Insets(14, 20, 8, 20);

    private record Plan(Place place, Supplier<Laid> layingOut) {}

    private final Queue<Plan> plans = new ArrayDeque<>();
    private final Map<Place, Laid> laid = new EnumMap<>(Place.class);
    /** Those of them that are not yet in the window as a whole. */
    private final Map<Place, PartByPart> coming = new EnumMap<>(Place.class);

    /** Says how a place will be laid out. */
    void add(Place place, Supplier<Laid> layingOut) {
        plans.add(new Plan(place, layingOut));
    }

    /** {@return that place, laid out by now} */
    Laid of(Place place) {
        while (!laid.containsKey(place)) {
            layOutNext();
        }
        return laid.get(place);
    }

    /** Lays out every place that is not yet. */
    void layOutAll() {
        while (!plans.isEmpty()) {
            layOutNext();
        }
    }

    boolean areAllLaidOut() {
        return plans.isEmpty();
    }

    /** Lays out the places that are left, each in a turn of its own. */
    void layOutBehind(Executor screen) {
        if (!plans.isEmpty()) {
            screen.execute(() -> {
                if (!plans.isEmpty()) {
                    layOutNext();
                }
                layOutBehind(screen);
            });
        }
    }

    private void layOutNext() {
        Plan next = plans.remove();
        Laid made = next.layingOut().get();
        made.view().setManaged(false);
        laid.put(next.place(), made);
        coming.put(next.place(), PartByPart.of(made.view()));
    }

    /** Brings what nobody has looked at yet into the window, out of sight, so that it is there when somebody does: part by part. */
    void bringBehind(InterfaceThread screen) {
        screen.behindPicture(() -> {
            coming.keySet().stream().findFirst().ifPresent(this::bringSome);
            if (!areAllThere()) {
                bringBehind(screen);
            }
        });
    }

    private void bringSome(Place place) {
        Node view = laid.get(place).view();
        if (!getChildren().contains(view)) {
            view.setVisible(false);
            getChildren().add(view);
            requestLayout();
        } else {
            coming.get(place).some();
        }
        if (coming.get(place).isWhole()) {
            coming.remove(place);
        }
    }

    /** {@return whether every place is in the window, in sight or not} */
    boolean areAllThere() {
        return plans.isEmpty() && coming.isEmpty();
    }

    /** Shows that place, and what was shown before no more. */
    void show(Place place) {
        leaveAllBut(place);
        Node view = of(place).view();
        Optional.ofNullable(coming.remove(place)).ifPresent(PartByPart::all);
        bring(view);
        laid.get(place).begins().run();
    }

    /** Shows these words where that place would be. */
    void showInstead(Place place, Node words) {
        leaveAllBut(place);
        bring(words);
    }

    private void leaveAllBut(Place place) {
        laid.forEach((each, left) -> {
            if (each != place) {
                left.left().run();
            }
        });
    }

    private void bring(Node wanted) {
        getChildren().removeIf(each -> laid.values().stream().noneMatch(known -> known.view() == each));
        if (!getChildren().contains(wanted)) {
            getChildren().add(wanted);
        }
        for (Node each : getChildren()) {
            boolean here = each == wanted;
            if (each.isVisible() != here) {
                each.setVisible(here);
                Drawn.keep(each, here);
            }
        }
        requestLayout();
    }

    /** A place takes what room there is; what changes in it leaves the window round it as it is. */
    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        double width = getWidth() - AROUND.getLeft() - AROUND.getRight();
        double height = getHeight() - AROUND.getTop() - AROUND.getBottom();
        for (Laid each : laid.values()) {
            // Out of sight too where it has no room yet: the borders in it would begin with the least that they need.
            if (each.view().isVisible() || each.view().getWidth() == 0) {
                each.view().resizeRelocate(AROUND.getLeft(), AROUND.getTop(), width, height);
            }
        }
    }

    /** Comes to that place again without leaving it, as after a sheet was put away. */
    void beginAgain(Place place) {
        of(place).begins().run();
    }

    /** Lets go of what is open in any place; no more of them are laid out. */
    void close() {
        plans.clear();
        coming.clear();
        laid.values().forEach(known -> known.closes().run());
    }
}
