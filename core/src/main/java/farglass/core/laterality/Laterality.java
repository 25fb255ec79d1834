package farglass.core.laterality;

import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Facing;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.fact.Fact;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import java.util.Optional;

/** What follows from owned sides: same side or cross, near or far, which limb a lock takes. Nothing here is stored. */
public final class Laterality {
    /** How two sides lie to each other. */
    public enum Relation {
        SAME_SIDE,
        CROSS
    }

    /** How a limb lies to the athlete on top. */
    public enum Distance {
        NEAR,
        FAR
    }

    private Laterality() {}

    /**
     * {@return whether a hand holds what is straight before it or reaches across; empty where a side is not told} A right hand
     * on the facing athlete's left sleeve is the same side; from behind, right on right is.
     */
    public static Optional<Relation> grip(Part holder, Part target, Facing facing) {
        if (holder.side().isEmpty() || target.side().isEmpty() || holder.owner() == target.owner()) {
            return Optional.empty();
        }
        boolean equal = holder.side().get() == target.side().get();
        return Optional.of(equal == facing.mirrors() ? Relation.CROSS : Relation.SAME_SIDE);
    }

    /**
     * {@return whether a pass goes to the side of its leading leg or across; empty where one of them is not told} A knee cut
     * with the right knee to the own right is the same side, to the own left it crosses.
     */
    public static Optional<Relation> pass(Moment moment) {
        Optional<Side> lead =
                moment.telling().facts(Fact.LeadLeg.class).findFirst().map(Fact.LeadLeg::side);
        Optional<Side> way = travel(moment);
        return lead.flatMap(leg -> way.map(to -> leg == to ? Relation.SAME_SIDE : Relation.CROSS));
    }

    /** {@return the way the actor goes, to the actor's own left or right, if told} */
    public static Optional<Side> travel(Moment moment) {
        return moment.telling()
                .facts(Fact.Travel.class)
                .findFirst()
                .map(Fact.Travel::to)
                .or(() -> moment.telling()
                        .side()
                        .filter(side -> moment.actor().equals(Optional.of(side.owner())))
                        .map(OwnedSide::side));
    }

    /** Whether one turns toward who lies beside, or away. */
    public enum Turn {
        TOWARD,
        /** What is turned to the other then is the back. */
        AWAY
    }

    /**
     * {@return whether who lies under a pin turned toward the other or away} Empty where the pin's side or the turn's is not told.
     *
     * @param pin where it began
     * @param technique what was done there
     */
    public static Optional<Turn> turn(Settled pin, Moment moment, Technique technique) {
        return technique.sideRule() != SideRule.TURN
                ? Optional.empty()
                : pin.side()
                        .filter(side -> moment.actor().equals(Optional.of(side.owner())))
                        .flatMap(side -> travel(moment).map(way -> way == side.side() ? Turn.TOWARD : Turn.AWAY));
    }

    /** {@return whether a limb of the athlete underneath is the near one; empty where the pin's side or the limb's is not told} */
    public static Optional<Distance> limb(Part limb, Settled settled) {
        return settled.side().filter(pin -> pin.owner() == limb.owner()).flatMap(pin -> limb.side()
                .map(side -> side == pin.side() ? Distance.NEAR : Distance.FAR));
    }

    /**
     * {@return the limb that a lock or choke works on, with its owner} As told, or as it follows from which limb works on which:
     * the left leg across with their right arm makes a lock on the right arm.
     */
    public static Optional<OwnedSide> trapped(Moment moment, Technique technique) {
        SideRule rule = technique.sideRule();
        if (!rule.belongsToReceiver() || moment.actor().isEmpty()) {
            return Optional.empty();
        }
        Seat victim = moment.actor().get().other();
        return moment.telling().side().filter(side -> side.owner() == victim).or(() -> moment.telling()
                .facts(Fact.LimbOn.class)
                .map(Fact.LimbOn::on)
                .filter(part -> part.owner() == victim && fits(part.kind(), rule))
                .flatMap(part -> part.side().stream())
                .map(side -> new OwnedSide(victim, side))
                .findFirst());
    }

    private static boolean fits(Part.Kind kind, SideRule rule) {
        boolean arm =
                switch (kind) {
                    case HAND, WRIST, ARM, ELBOW, SHOULDER, SLEEVE -> true;
                    default -> false;
                };
        boolean leg =
                switch (kind) {
                    case LEG, KNEE, SHIN, ANKLE, FOOT, HEEL, HOOK, TROUSERS -> true;
                    default -> false;
                };
        return rule == SideRule.THEIR_ARM ? arm : leg;
    }

    /** {@return whether the limbs told contradict the side told} Both may have been typed; one of them is a slip. */
    public static boolean contradicts(Moment moment, Technique technique) {
        Optional<OwnedSide> told = moment.telling().side();
        if (told.isEmpty() || moment.telling().facts().isEmpty()) {
            return false;
        }
        Optional<OwnedSide> limbs =
                trapped(moment.with(Telling.NOTHING.withFacts(moment.telling().facts())), technique);
        return limbs.isPresent() && !told.equals(limbs);
    }
}
