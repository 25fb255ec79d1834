package farglass.core.fact;

/**
 * The kinds of facts, with what is decided by the kind alone: a new one says it in its row. What is told of a fact's own fields is told by
 * {@link FactCases}.
 */
public enum FactKind {
    EFFECT(Layer.STORY, Matter.ACT),
    PASSED(Layer.STORY, Matter.ACT),
    CONDITION(Layer.STORY, Matter.ACT),
    TRAVEL(Layer.STORY, Matter.ACT),
    LEAD_LEG(Layer.STORY, Matter.ACT),
    HEAD_SIDE(Layer.STORY, Matter.ACT),
    LIMB_ON(Layer.GRIPS, Matter.BODIES),
    GRIP(Layer.GRIPS, Matter.BODIES),
    STRIKE(Layer.STORY, Matter.BLOW),
    RANGE(Layer.STORY, Matter.BLOW),
    BODY(Layer.GRIPS, Matter.BODIES),
    LINK(Layer.STORY, Matter.TIE),
    COULD(Layer.STORY, Matter.JUDGEMENT),
    MISTAKE(Layer.ERRORS, Matter.JUDGEMENT),
    WELL(Layer.ERRORS, Matter.JUDGEMENT),
    PRINCIPLE(Layer.ERRORS, Matter.JUDGEMENT),
    STRUCK(Layer.STORY, Matter.TELLING),
    PLAN_STEP(Layer.STORY, Matter.TELLING),
    REMARK(Layer.STORY, Matter.JUDGEMENT),
    DRAWING(Layer.STORY, Matter.TELLING),
    IN_LAYER(Layer.STORY, Matter.TELLING),
    CODER(Layer.STORY, Matter.TELLING),
    ABOUT(Layer.STORY, Matter.TELLING),
    UNKNOWN(Layer.STORY, Matter.TELLING),
    RIVAL(Layer.STORY, Matter.TELLING),
    FROM(Layer.STORY, Matter.ACT),
    PART_STATE(Layer.GRIPS, Matter.BODIES),
    WHY(Layer.ANSWERS, Matter.REASON),
    THEIRS(Layer.ANSWERS, Matter.REASON),
    OPENED(Layer.ANSWERS, Matter.REASON),
    BRANCH(Layer.ANSWERS, Matter.REASON),
    UNTIL(Layer.STORY, Matter.EXTENT),
    TIMES(Layer.STORY, Matter.EXTENT),
    BACK_TO(Layer.STORY, Matter.EXTENT),
    DISPUTED(Layer.STORY, Matter.JUDGEMENT),
    ILLEGAL(Layer.STORY, Matter.JUDGEMENT);

    /** What facts are told of. */
    public enum Matter {
        /** What an act did, which way, from where and on what conditions. */
        ACT,
        /** How their limbs and hands are, for as long as they are so. */
        BODIES,
        /** A blow, or how far apart they stand. */
        BLOW,
        /** What it hangs on, and what it opens. */
        REASON,
        /** How long, how often, how far back. */
        EXTENT,
        /** Another moment. */
        TIE,
        /** What somebody thinks of it. */
        JUDGEMENT,
        /** What was told itself: by whom, how surely, and what is made of it. */
        TELLING
    }

    private final Layer layer;
    private final Matter matter;

    FactKind(Layer layer, Matter matter) {
        this.layer = layer;
        this.matter = matter;
    }

    /** {@return the layer facts of this kind belong to} Of the body it hangs on what is told of it: {@link Body#layer()}. */
    Layer layer() {
        return layer;
    }

    public Matter matter() {
        return matter;
    }
}
