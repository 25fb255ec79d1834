package farglass.core.simulate;

/**
 * How well the actor's own chances would have foreseen a bout: what no picks can beat but by luck.
 *
 * @param moments how many things happened, awards aside: the referee is not the actor's
 * @param amongNine how many of them were among the nine that were then likeliest in truth
 */
public record Foreseen(int moments, int amongNine) {
    public static final Foreseen NOTHING = new Foreseen(0, 0);

    public Foreseen and(Foreseen other) {
        return new Foreseen(moments + other.moments, amongNine + other.amongNine);
    }

    Foreseen and(boolean among) {
        return new Foreseen(moments + 1, amongNine + (among ? 1 : 0));
    }
}
