package farglass.core.fact;

/** The kind each fact is of. */
final class KindOfFact implements FactCases<FactKind> {
    static final KindOfFact CASES = new KindOfFact();

    private KindOfFact() {}

    @Override
    public FactKind effect(Fact.Effect fact) {
        return FactKind.EFFECT;
    }

    @Override
    public FactKind passed(Fact.Passed fact) {
        return FactKind.PASSED;
    }

    @Override
    public FactKind condition(Fact.Condition fact) {
        return FactKind.CONDITION;
    }

    @Override
    public FactKind travel(Fact.Travel fact) {
        return FactKind.TRAVEL;
    }

    @Override
    public FactKind leadLeg(Fact.LeadLeg fact) {
        return FactKind.LEAD_LEG;
    }

    @Override
    public FactKind headSide(Fact.HeadSide fact) {
        return FactKind.HEAD_SIDE;
    }

    @Override
    public FactKind limbOn(Fact.LimbOn fact) {
        return FactKind.LIMB_ON;
    }

    @Override
    public FactKind grip(Grip fact) {
        return FactKind.GRIP;
    }

    @Override
    public FactKind strike(Strike fact) {
        return FactKind.STRIKE;
    }

    @Override
    public FactKind range(Fact.Range fact) {
        return FactKind.RANGE;
    }

    @Override
    public FactKind body(Body fact) {
        return FactKind.BODY;
    }

    @Override
    public FactKind link(Link fact) {
        return FactKind.LINK;
    }

    @Override
    public FactKind could(Fact.Could fact) {
        return FactKind.COULD;
    }

    @Override
    public FactKind mistake(Mistake fact) {
        return FactKind.MISTAKE;
    }

    @Override
    public FactKind well(Fact.Well fact) {
        return FactKind.WELL;
    }

    @Override
    public FactKind principle(Fact.Principle fact) {
        return FactKind.PRINCIPLE;
    }

    @Override
    public FactKind struck(Fact.Struck fact) {
        return FactKind.STRUCK;
    }

    @Override
    public FactKind planStep(Fact.PlanStep fact) {
        return FactKind.PLAN_STEP;
    }

    @Override
    public FactKind remark(Remark fact) {
        return FactKind.REMARK;
    }

    @Override
    public FactKind drawing(Drawing fact) {
        return FactKind.DRAWING;
    }

    @Override
    public FactKind inLayer(Fact.InLayer fact) {
        return FactKind.IN_LAYER;
    }

    @Override
    public FactKind coder(Fact.Coder fact) {
        return FactKind.CODER;
    }

    @Override
    public FactKind about(Fact.About fact) {
        return FactKind.ABOUT;
    }

    @Override
    public FactKind unknown(Fact.Unknown fact) {
        return FactKind.UNKNOWN;
    }

    @Override
    public FactKind rival(Fact.Rival fact) {
        return FactKind.RIVAL;
    }

    @Override
    public FactKind from(Fact.From fact) {
        return FactKind.FROM;
    }

    @Override
    public FactKind partState(PartState fact) {
        return FactKind.PART_STATE;
    }

    @Override
    public FactKind why(Purpose.Why fact) {
        return FactKind.WHY;
    }

    @Override
    public FactKind theirs(Purpose.Theirs fact) {
        return FactKind.THEIRS;
    }

    @Override
    public FactKind opened(Purpose.Opened fact) {
        return FactKind.OPENED;
    }

    @Override
    public FactKind branch(Purpose.Branch fact) {
        return FactKind.BRANCH;
    }

    @Override
    public FactKind until(Span.Until fact) {
        return FactKind.UNTIL;
    }

    @Override
    public FactKind times(Span.Times fact) {
        return FactKind.TIMES;
    }

    @Override
    public FactKind backTo(Span.BackTo fact) {
        return FactKind.BACK_TO;
    }

    @Override
    public FactKind disputed(Ruling.Disputed fact) {
        return FactKind.DISPUTED;
    }

    @Override
    public FactKind illegal(Ruling.Illegal fact) {
        return FactKind.ILLEGAL;
    }
}
