package farglass.core.prose;

/** A number of things in words: "1 moment", "2 moments", "3 tries". */
public final class HowMany {
    private HowMany() {}

    /** {@return so many of what adds an s where there are more} */
    public static String of(long count, String one) {
        return of(count, one, one + "s");
    }

    /** {@return so many of what has a word of its own where there are more} */
    public static String of(long count, String one, String more) {
        return count + " " + (count == 1 ? one : more);
    }
}
