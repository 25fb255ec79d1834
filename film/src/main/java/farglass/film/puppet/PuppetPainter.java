package farglass.film.puppet;

import farglass.core.script.Pose;
import farglass.core.script.RefereeSignal;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.film.Frame;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Draws one still of the puppet film: the mat, two figures, the clock, and the referee's hand. */
final class PuppetPainter {
    static final int WIDTH = 960;
    static final int HEIGHT = 540;

    private static final double PX_PER_METRE = 235;
    private static final double GROUND = 420;
    private static final Color WALL = new Color(0x3a3f45);
    private static final Color FAR_WALL = new Color(0x46443a);
    private static final Color MAT = new Color(0x9aa58f);
    private static final Color MAT_EDGE = new Color(0xb98f5a);
    private static final Color SKIN = new Color(0xd9ab86);
    private static final Color LINE = new Color(0x23262a);
    /** In these poses the one underneath wraps the near leg over the other, who must not hide it. */
    private static final Set<Pose> LEGS_OVER = Set.of(
            Pose.CLOSED_GUARD,
            Pose.OPEN_GUARD,
            Pose.HALF_GUARD,
            Pose.KNEE_SHIELD,
            Pose.DE_LA_RIVA,
            Pose.SPIDER,
            Pose.X_GUARD,
            Pose.BUTTERFLY);
    /** In these the one called top is behind. */
    private static final Set<Pose> BEHIND = Set.of(
            Pose.BACK,
            Pose.BACK_CHOKE,
            Pose.HOOKLESS_BACK,
            Pose.ONE_HOOK_BACK,
            Pose.BODY_TRIANGLE,
            Pose.REAR_BODY_LOCK);

    private final Color kitA;
    private final Color kitB;
    private final BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);

    /**
     * What a still shows.
     *
     * @param holdingA hands of A that hold something
     * @param clockMicros on the match clock
     */
    record Scene(
            Puppet a,
            Puppet b,
            Seat top,
            Pose pose,
            List<Held> holdingA,
            List<Held> holdingB,
            long clockMicros,
            Optional<RefereeSignal> call) {}

    /**
     * @param hand by joint
     * @param under whether the arm goes under the other's arm, or the cloth under the other's leg
     */
    record Held(int hand, boolean isCloth, boolean under) {}

    private final boolean fromBehind;

    PuppetPainter(String kitA, String kitB, boolean fromBehind) {
        this.fromBehind = fromBehind;
        this.kitA = kit(kitA, new Color(0xf1eee6));
        this.kitB = kit(kitB, new Color(0x2f5fae));
    }

    private static Color kit(String words, Color usual) {
        String kit = words.toLowerCase(Locale.ROOT);
        return kit.contains("white")
                ? new Color(0xf1eee6)
                : kit.contains("blue") ? new Color(0x2f5fae) : kit.contains("black") ? new Color(0x303236) : usual;
    }

    void rest() {
        image.flush();
    }

    Frame paint(long at, Scene scene) {
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        hall(pen);
        scene.call().ifPresent(shown -> referee(pen, shown));
        Pose pose = scene.pose();
        Seat top = scene.top();
        Puppet upper = top == Seat.A ? scene.a() : scene.b();
        Puppet lower = top == Seat.A ? scene.b() : scene.a();
        Color upperKit = top == Seat.A ? kitA : kitB;
        Color lowerKit = top == Seat.A ? kitB : kitA;
        if (BEHIND.contains(pose)) {
            figure(pen, upper, upperKit);
            figure(pen, lower, lowerKit);
            // Arms and legs of the one behind come round to the front.
            limb(pen, upper, Puppet.CHEST, Puppet.NEAR_ELBOW, Puppet.NEAR_HAND, upperKit, 0.105);
            limb(pen, upper, Puppet.HIP, Puppet.NEAR_KNEE, Puppet.NEAR_FOOT, upperKit, 0.14);
            if (pose == Pose.BODY_TRIANGLE) {
                // The other leg comes round from behind and locks the foot.
                segment(pen, upper, Puppet.FAR_KNEE, Puppet.FAR_FOOT, upperKit.darker(), 0.12);
                disc(pen, x(upper, Puppet.FAR_FOOT), y(upper, Puppet.FAR_FOOT), 12, SKIN);
            }
        } else {
            figure(pen, lower, lowerKit);
            figure(pen, upper, upperKit);
            if (LEGS_OVER.contains(pose)) {
                limb(pen, lower, Puppet.HIP, Puppet.NEAR_KNEE, Puppet.NEAR_FOOT, lowerKit, 0.14);
            }
            limb(pen, lower, Puppet.CHEST, Puppet.NEAR_ELBOW, Puppet.NEAR_HAND, lowerKit, 0.105);
        }
        scene.holdingA().forEach(held -> hand(pen, scene.a(), held, kitA, scene.b(), kitB));
        scene.holdingB().forEach(held -> hand(pen, scene.b(), held, kitB, scene.a(), kitA));
        clock(pen, scene.clockMicros());
        pen.dispose();
        int[] pixels =
                ((DataBufferInt) image.getRaster().getDataBuffer()).getData().clone();
        return new Frame(at, WIDTH, HEIGHT, pixels);
    }

    /** The forearm comes over whatever is there, so that the hand is seen; what goes under something is covered by it. */
    private void hand(Graphics2D pen, Puppet puppet, Held held, Color own, Puppet other, Color others) {
        boolean near = held.hand == Puppet.NEAR_HAND;
        if (held.under && held.isCloth) {
            strip(pen, puppet, held.hand, other, others);
        }
        segment(
                pen,
                puppet,
                near ? Puppet.NEAR_ELBOW : Puppet.FAR_ELBOW,
                held.hand,
                near ? own : own.darker(),
                near ? 0.09 : 0.082);
        if (held.under && !held.isCloth) {
            limb(pen, other, Puppet.CHEST, Puppet.NEAR_ELBOW, Puppet.NEAR_HAND, others, 0.105);
        }
        if (held.isCloth) {
            cloth(pen, puppet, held.hand, others);
        } else {
            disc(pen, x(puppet, held.hand), y(puppet, held.hand), 11.5, LINE);
            disc(pen, x(puppet, held.hand), y(puppet, held.hand), 10.2, SKIN);
        }
    }

    /** The other's lapel from the chest under the knee to the hand; the thigh lies over it. */
    private void strip(Graphics2D pen, Puppet puppet, int hand, Puppet other, Color kit) {
        double[] lapel = other.at(Part.Kind.LAPEL, true);
        double[] knee = other.at(Part.Kind.KNEE_PIT, true);
        Path2D path = new Path2D.Double();
        path.moveTo(WIDTH / 2.0 + lapel[0] * PX_PER_METRE, GROUND - lapel[1] * PX_PER_METRE);
        path.lineTo(WIDTH / 2.0 + knee[0] * PX_PER_METRE, GROUND - (knee[1] - 0.09) * PX_PER_METRE);
        path.lineTo(x(puppet, hand), y(puppet, hand));
        for (float width : new float[] {13, 9}) {
            pen.setColor(width > 9 ? LINE : kit);
            pen.setStroke(new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            pen.draw(path);
        }
        segment(pen, other, Puppet.HIP, Puppet.NEAR_KNEE, kit, 0.14);
    }

    /** Cloth bunched in a fist: folds of the other's kit on both sides of the hand. */
    private static void cloth(Graphics2D pen, Puppet puppet, int hand, Color held) {
        double x = x(puppet, hand);
        double y = y(puppet, hand);
        for (int fold = -1; fold <= 1; fold++) {
            stroke(pen, x - 13, y + 7 * fold - 4, x + 13, y + 7 * fold + 4, LINE, 6 / PX_PER_METRE);
            stroke(pen, x - 13, y + 7 * fold - 4, x + 13, y + 7 * fold + 4, held, 3.4 / PX_PER_METRE);
        }
        disc(pen, x, y, 8, LINE);
        disc(pen, x, y, 6.6, SKIN);
    }

    private static double x(Puppet puppet, int joint) {
        return WIDTH / 2.0 + puppet.x(joint) * PX_PER_METRE;
    }

    private static double y(Puppet puppet, int joint) {
        return GROUND - puppet.y(joint) * PX_PER_METRE;
    }

    private void hall(Graphics2D pen) {
        // Across the mat there is another wall, so that one knows which camera one looks through.
        pen.setColor(fromBehind ? FAR_WALL : WALL);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(MAT_EDGE);
        pen.fillRect(0, 338, WIDTH, HEIGHT - 338);
        pen.setColor(MAT);
        Path2D mat = new Path2D.Double();
        mat.moveTo(110, 350);
        mat.lineTo(WIDTH - 110, 350);
        mat.lineTo(WIDTH + 60, HEIGHT);
        mat.lineTo(-60, HEIGHT);
        mat.closePath();
        pen.fill(mat);
    }

    private void figure(Graphics2D pen, Puppet puppet, Color kit) {
        Color far = kit.darker();
        limb(pen, puppet, Puppet.HIP, Puppet.FAR_KNEE, Puppet.FAR_FOOT, far, 0.13);
        limb(pen, puppet, Puppet.CHEST, Puppet.FAR_ELBOW, Puppet.FAR_HAND, far, 0.095);
        segment(pen, puppet, Puppet.CHEST, Puppet.HIP, kit, 0.27);
        belt(pen, puppet);
        double neckX = x(puppet, Puppet.CHEST) * 0.35 + x(puppet, Puppet.HEAD) * 0.65;
        double neckY = y(puppet, Puppet.CHEST) * 0.35 + y(puppet, Puppet.HEAD) * 0.65;
        stroke(pen, x(puppet, Puppet.CHEST), y(puppet, Puppet.CHEST), neckX, neckY, SKIN, 0.09);
        limb(pen, puppet, Puppet.HIP, Puppet.NEAR_KNEE, Puppet.NEAR_FOOT, kit, 0.14);
        limb(pen, puppet, Puppet.CHEST, Puppet.NEAR_ELBOW, Puppet.NEAR_HAND, kit, 0.105);
        double radius = 0.115 * PX_PER_METRE;
        disc(pen, x(puppet, Puppet.HEAD), y(puppet, Puppet.HEAD), radius + 1.5, LINE);
        disc(pen, x(puppet, Puppet.HEAD), y(puppet, Puppet.HEAD), radius, SKIN);
    }

    private static void belt(Graphics2D pen, Puppet puppet) {
        double x = x(puppet, Puppet.HIP) * 0.8 + x(puppet, Puppet.CHEST) * 0.2;
        double y = y(puppet, Puppet.HIP) * 0.8 + y(puppet, Puppet.CHEST) * 0.2;
        double dx = x(puppet, Puppet.CHEST) - x(puppet, Puppet.HIP);
        double dy = y(puppet, Puppet.CHEST) - y(puppet, Puppet.HIP);
        double length = Math.max(1, Math.hypot(dx, dy));
        double half = 0.13 * PX_PER_METRE;
        pen.setColor(LINE);
        pen.setStroke(new BasicStroke(7, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
        pen.draw(new Line2D.Double(
                x - dy / length * half, y + dx / length * half, x + dy / length * half, y - dx / length * half));
    }

    private void limb(Graphics2D pen, Puppet puppet, int root, int bend, int end, Color kit, double widthMetres) {
        segment(pen, puppet, root, bend, kit, widthMetres);
        segment(pen, puppet, bend, end, kit, widthMetres * 0.86);
        double radius = widthMetres * 0.42 * PX_PER_METRE;
        disc(pen, x(puppet, end), y(puppet, end), radius + 1.2, LINE);
        disc(pen, x(puppet, end), y(puppet, end), radius, SKIN);
    }

    private void segment(Graphics2D pen, Puppet puppet, int from, int to, Color kit, double widthMetres) {
        double x1 = x(puppet, from);
        double y1 = y(puppet, from);
        double x2 = x(puppet, to);
        double y2 = y(puppet, to);
        stroke(pen, x1, y1, x2, y2, LINE, widthMetres + 3 / PX_PER_METRE);
        stroke(pen, x1, y1, x2, y2, kit, widthMetres);
    }

    private static void stroke(
            Graphics2D pen, double x1, double y1, double x2, double y2, Color colour, double metres) {
        pen.setColor(colour);
        pen.setStroke(new BasicStroke((float) (metres * PX_PER_METRE), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        pen.draw(new Line2D.Double(x1, y1, x2, y2));
    }

    private static void disc(Graphics2D pen, double x, double y, double radius, Color colour) {
        pen.setColor(colour);
        pen.fill(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
    }

    private static void clock(Graphics2D pen, long boutMicros) {
        long seconds = Math.max(0, boutMicros) / 1_000_000;
        pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 26));
        pen.setColor(new Color(0xf1eee6));
        pen.drawString("%d:%02d".formatted(seconds / 60, seconds % 60), WIDTH - 110, 46);
    }

    private void referee(Graphics2D pen, RefereeSignal call) {
        Color sleeve = call.to().map(seat -> seat == Seat.A ? kitA : kitB).orElse(new Color(0x8a8f94));
        // Stands at the back, one arm up in the colour of whom the signal is for.
        pen.setColor(new Color(0x1b1d20));
        pen.fill(new java.awt.geom.RoundRectangle2D.Double(58, 180, 52, 170, 20, 20));
        disc(pen, 84, 158, 20, SKIN);
        stroke(pen, 104, 196, 128, 140, sleeve, 0.07);
        disc(pen, 130, 132, 9, SKIN);
        pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 30));
        pen.setColor(new Color(0xf1eee6));
        pen.drawString(call.signal(), 34, 104);
    }
}
