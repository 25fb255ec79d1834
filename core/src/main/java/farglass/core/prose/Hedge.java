package farglass.core.prose;

import farglass.core.estimate.Share;

/**
 * A share in a coach's words, by one rule: the words are those of the bands in which the 80 % interval begins and ends. Within one band it
 * is that band's word; over two neighbouring bands both are said; over more there is too little film to say.
 */
enum Hedge {
    HARDLY_EVER(0.06, "hardly ever"),
    NOW_AND_THEN(0.35, "now and then"),
    HALF(0.65, "about half the time"),
    USUALLY(0.9, "usually"),
    NEARLY_ALWAYS(1, "nearly always");

    static final String TOO_LITTLE = "too little film to say how often";

    private final double upTo;
    private final String words;

    Hedge(double upTo, String words) {
        this.upTo = upTo;
        this.words = words;
    }

    private static Hedge of(double share) {
        for (Hedge hedge : values()) {
            if (share <= hedge.upTo) {
                return hedge;
            }
        }
        return NEARLY_ALWAYS;
    }

    /** {@return how often, in words; of too little film that it is} */
    static String words(Share share) {
        if (share.isTooLittle()) {
            return TOO_LITTLE;
        }
        Hedge low = of(share.low80());
        Hedge high = of(share.high80());
        return switch (high.ordinal() - low.ordinal()) {
            case 0 -> low.words;
            case 1 -> "%s or %s".formatted(low.words, high.words);
            default -> TOO_LITTLE;
        };
    }
}
