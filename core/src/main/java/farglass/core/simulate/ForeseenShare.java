package farglass.core.simulate;

/**
 * How well the actor's own chances would have foreseen a bout: what no picks can beat but by luck.
 *
 * @param moments how many things happened, awards aside: the referee is not the actor's
 * @param amongNine how many of them were among the nine that were then likeliest in truth
 */
public record ForeseenShare(int moments, int amongNine) {
    public static final ForeseenShare NOTHING = new ForeseenShare(0, 0);

    public ForeseenShare and(ForeseenShare other) {
        return new ForeseenShare(moments + other.moments, amongNine + other.amongNine);
    }

    ForeseenShare and(boolean among) {
        return new ForeseenShare(moments + 1, amongNine + (among ? 1 : 0));
    }
}
