package farglass.core.fact;

/**
 * One answer for each kind of fact: a new kind does not compile until every place that tells facts can tell it.
 *
 * @param <R> what is said of a fact
 */
public interface FactCases<R> {
    R effect(Fact.Effect fact);

    R passed(Fact.Passed fact);

    R condition(Fact.Condition fact);

    R travel(Fact.Travel fact);

    R leadLeg(Fact.LeadLeg fact);

    R headSide(Fact.HeadSide fact);

    R limbOn(Fact.LimbOn fact);

    R grip(Grip fact);

    R strike(Strike fact);

    R range(Fact.Range fact);

    R body(Body fact);

    R link(Link fact);

    R could(Fact.Could fact);

    R mistake(Mistake fact);

    R well(Fact.Well fact);

    R principle(Fact.Principle fact);

    R struck(Fact.Struck fact);

    R planStep(Fact.PlanStep fact);

    R remark(Remark fact);

    R drawing(Drawing fact);

    R inLayer(Fact.InLayer fact);

    R coder(Fact.Coder fact);

    R about(Fact.About fact);

    R unknown(Fact.Unknown fact);

    R rival(Fact.Rival fact);

    R from(Fact.From fact);

    R partState(PartState fact);

    R why(Purpose.Why fact);

    R theirs(Purpose.Theirs fact);

    R opened(Purpose.Opened fact);

    R branch(Purpose.Branch fact);

    R until(Span.Until fact);

    R times(Span.Times fact);

    R backTo(Span.BackTo fact);

    R disputed(Ruling.Disputed fact);

    R illegal(Ruling.Illegal fact);
}
