package farglass.core.question;

import farglass.core.corpus.Evidence;
import farglass.core.estimate.Share;
import farglass.core.estimate.time.Durations;
import farglass.core.estimate.time.Rate;
import farglass.core.estimate.time.Stay;
import farglass.core.estimate.time.TimeShare;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** One number of the dossier, with the moments it comes from, the newest bout first. */
public sealed interface Figure {
    Subject subject();

    /** {@return which option it counts: a key of the lexicon, or words} */
    String option();

    /** {@return the moments that count for it} */
    List<Evidence> evidence();

    /** {@return so many of so many chances; empty for what has no chances} */
    default Optional<Share> chances() {
        return Optional.empty();
    }

    /** {@return what is claimed of it} */
    default List<Claim> claimed() {
        return List.of();
    }

    /** {@return what is made of it, by its case} */
    <T> T match(
            Function<Proportion, T> proportion,
            Function<Pace, T> pace,
            Function<Length, T> length,
            Function<Listing, T> listing,
            Function<Part, T> part,
            Function<Longest, T> longest);

    /** So many of so many chances. */
    record Proportion(Subject subject, String option, Share share, List<Claim> claims, List<Evidence> evidence)
            implements Figure {
        public Proportion {
            claims = List.copyOf(claims);
            evidence = List.copyOf(evidence);
        }

        @Override
        public Optional<Share> chances() {
            return Optional.of(share);
        }

        @Override
        public List<Claim> claimed() {
            return claims;
        }

        @Override
        public <T> T match(
                Function<Proportion, T> proportion,
                Function<Pace, T> pace,
                Function<Length, T> length,
                Function<Listing, T> listing,
                Function<Part, T> part,
                Function<Longest, T> longest) {
            return proportion.apply(this);
        }
    }

    /** So many in so much time. */
    record Pace(Subject subject, String option, Rate rate, List<Evidence> evidence) implements Figure {
        public Pace {
            evidence = List.copyOf(evidence);
        }

        @Override
        public <T> T match(
                Function<Proportion, T> proportion,
                Function<Pace, T> pace,
                Function<Length, T> length,
                Function<Listing, T> listing,
                Function<Part, T> part,
                Function<Longest, T> longest) {
            return pace.apply(this);
        }
    }

    /** How long such stays last. */
    record Length(Subject subject, String option, Durations durations, List<Evidence> evidence) implements Figure {
        public Length {
            evidence = List.copyOf(evidence);
        }

        @Override
        public <T> T match(
                Function<Proportion, T> proportion,
                Function<Pace, T> pace,
                Function<Length, T> length,
                Function<Listing, T> listing,
                Function<Part, T> part,
                Function<Longest, T> longest) {
            return length.apply(this);
        }
    }

    /**
     * Moments that are only listed.
     *
     * @param within the option that this one is a part of
     */
    record Listing(Subject subject, String option, String within, List<Evidence> evidence) implements Figure {
        public Listing {
            evidence = List.copyOf(evidence);
        }

        @Override
        public <T> T match(
                Function<Proportion, T> proportion,
                Function<Pace, T> pace,
                Function<Length, T> length,
                Function<Listing, T> listing,
                Function<Part, T> part,
                Function<Longest, T> longest) {
            return listing.apply(this);
        }
    }

    /** So much of the time watched. */
    record Part(Subject subject, String option, TimeShare time, List<Evidence> evidence) implements Figure {
        public Part {
            evidence = List.copyOf(evidence);
        }

        @Override
        public <T> T match(
                Function<Proportion, T> proportion,
                Function<Pace, T> pace,
                Function<Length, T> length,
                Function<Listing, T> listing,
                Function<Part, T> part,
                Function<Longest, T> longest) {
            return part.apply(this);
        }
    }

    /** The one that lasted longest. */
    record Longest(Subject subject, String option, Stay stay, List<Evidence> evidence) implements Figure {
        public Longest {
            evidence = List.copyOf(evidence);
        }

        @Override
        public <T> T match(
                Function<Proportion, T> proportion,
                Function<Pace, T> pace,
                Function<Length, T> length,
                Function<Listing, T> listing,
                Function<Part, T> part,
                Function<Longest, T> longest) {
            return longest.apply(this);
        }
    }
}
