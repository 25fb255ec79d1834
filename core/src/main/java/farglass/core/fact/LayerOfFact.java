package farglass.core.fact;

/**
 * The layer each fact belongs to: the viewing that looks for it. What is told of a try, of a place and of the bout itself is the story; what
 * only shows when one looks again, for nothing else, belongs to the answers, the grips or the errors.
 */
final class LayerOfFact implements FactCases<Layer> {
    static final LayerOfFact CASES = new LayerOfFact();

    private LayerOfFact() {}

    @Override
    public Layer effect(Fact.Effect fact) {
        return Layer.STORY;
    }

    @Override
    public Layer passed(Fact.Passed fact) {
        return Layer.STORY;
    }

    @Override
    public Layer condition(Fact.Condition fact) {
        return Layer.STORY;
    }

    @Override
    public Layer travel(Fact.Travel fact) {
        return Layer.STORY;
    }

    @Override
    public Layer leadLeg(Fact.LeadLeg fact) {
        return Layer.STORY;
    }

    @Override
    public Layer headSide(Fact.HeadSide fact) {
        return Layer.STORY;
    }

    @Override
    public Layer limbOn(Fact.LimbOn fact) {
        return Layer.GRIPS;
    }

    @Override
    public Layer grip(Grip fact) {
        return Layer.GRIPS;
    }

    @Override
    public Layer strike(Strike fact) {
        return Layer.STORY;
    }

    @Override
    public Layer range(Fact.Range fact) {
        return Layer.STORY;
    }

    @Override
    public Layer body(Body fact) {
        return fact.what().layer();
    }

    @Override
    public Layer link(Link fact) {
        return Layer.STORY;
    }

    @Override
    public Layer could(Fact.Could fact) {
        return Layer.STORY;
    }

    @Override
    public Layer mistake(Mistake fact) {
        return Layer.ERRORS;
    }

    @Override
    public Layer well(Fact.Well fact) {
        return Layer.ERRORS;
    }

    @Override
    public Layer principle(Fact.Principle fact) {
        return Layer.ERRORS;
    }

    @Override
    public Layer struck(Fact.Struck fact) {
        return Layer.STORY;
    }

    @Override
    public Layer planStep(Fact.PlanStep fact) {
        return Layer.STORY;
    }

    @Override
    public Layer remark(Remark fact) {
        return Layer.STORY;
    }

    @Override
    public Layer drawing(Drawing fact) {
        return Layer.STORY;
    }

    @Override
    public Layer inLayer(Fact.InLayer fact) {
        return Layer.STORY;
    }

    @Override
    public Layer coder(Fact.Coder fact) {
        return Layer.STORY;
    }

    @Override
    public Layer about(Fact.About fact) {
        return Layer.STORY;
    }

    @Override
    public Layer unknown(Fact.Unknown fact) {
        return Layer.STORY;
    }

    @Override
    public Layer rival(Fact.Rival fact) {
        return Layer.STORY;
    }

    @Override
    public Layer from(Fact.From fact) {
        return Layer.STORY;
    }

    @Override
    public Layer partState(PartState fact) {
        return Layer.GRIPS;
    }

    @Override
    public Layer why(Purpose.Why fact) {
        return Layer.ANSWERS;
    }

    @Override
    public Layer theirs(Purpose.Theirs fact) {
        return Layer.ANSWERS;
    }

    @Override
    public Layer opened(Purpose.Opened fact) {
        return Layer.ANSWERS;
    }

    @Override
    public Layer branch(Purpose.Branch fact) {
        return Layer.ANSWERS;
    }

    @Override
    public Layer until(Span.Until fact) {
        return Layer.STORY;
    }

    @Override
    public Layer times(Span.Times fact) {
        return Layer.STORY;
    }

    @Override
    public Layer backTo(Span.BackTo fact) {
        return Layer.STORY;
    }

    @Override
    public Layer disputed(Ruling.Disputed fact) {
        return Layer.STORY;
    }

    @Override
    public Layer illegal(Ruling.Illegal fact) {
        return Layer.STORY;
    }
}
