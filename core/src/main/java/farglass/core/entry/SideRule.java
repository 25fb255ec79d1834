package farglass.core.entry;

/** Whose side a bare "left" means for a technique, so that the person never has to do the arithmetic of mirrors. */
public enum SideRule {
    NONE(null, false),
    OWN_ARM("arm", false),
    OWN_LEG("leg", false),
    THEIR_ARM("arm", true),
    THEIR_LEG("leg", true),
    /** The way the actor travels, to the actor's own left or right. */
    TRAVEL(null, false),
    /** The way the actor turns the body, likewise: from which side the other lies on follows whether toward or away. */
    TURN(null, false);

    private final String limb;
    private final boolean receivers;

    SideRule(String limb, boolean receivers) {
        this.limb = limb;
        this.receivers = receivers;
    }

    /** {@return whether a bare side belongs to the athlete it is done to} Locks are named by the victim's limb. */
    public boolean belongsToReceiver() {
        return receivers;
    }

    /** {@return whether a bare side is a side of that limb: an arm or a hand, a leg or a foot} */
    public boolean means(String told) {
        return limb != null
                && (limb.equals(told)
                        || limb.equals("arm") && told.equals("hand")
                        || limb.equals("leg") && told.equals("foot"));
    }

    /** {@return whether a bare side is a way to go or to turn} */
    public boolean isDirection() {
        return this == TRAVEL || this == TURN;
    }

    /** {@return the words after the owner, such as "left arm" or, for a direction, "left"} */
    public String phrase(String side) {
        return limb == null ? side : side + " " + limb;
    }
}
