package farglass.core.laterality;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.Facing;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LateralityTest {
    private static final Lexicon LEXICON = Bouts.LEXICON;

    /** One line a technique family: who called which side from whose eyes, in which place, and whose side it is. */
    @ParameterizedTest
    @CsvSource({
        // guard, face to face: what the passer sees on her left is the guard player's right leg
        "LEFT, OTHER, open-guard, , RIGHT",
        "LEFT, OWNER, open-guard, , LEFT",
        // from behind, both look the same way
        "LEFT, OTHER, back-control, , LEFT",
        "RIGHT, OTHER, turtle, , RIGHT",
        // north-south: turned twice
        "LEFT, OTHER, north-south, , LEFT",
        // mount and side control
        "RIGHT, OTHER, mount, , LEFT",
        "RIGHT, OTHER, side-control, , LEFT",
        // the picture's left, of somebody who faces the camera, and of somebody who shows it her back
        "LEFT, SCREEN, standing, true, RIGHT",
        "LEFT, SCREEN, standing, false, LEFT",
        // not settled by what is known: stays unknown
        "LEFT, SCREEN, standing, , ",
        "LEFT, OTHER, fifty-fifty, , ",
        "LEFT, OTHER, scramble, , "
    })
    void aCalledSideBecomesAnOwnedOne(
            Side said, CalledSide.View view, String position, Boolean facesCamera, Side expected) {
        Optional<Facing> facing = LEXICON.position(position).orElseThrow().facing();
        assertThat(new CalledSide(said, view).of(Seat.B, facing, Optional.ofNullable(facesCamera)))
                .isEqualTo(Optional.ofNullable(expected).map(side -> new OwnedSide(Seat.B, side)));
    }

    @ParameterizedTest
    @CsvSource({
        "RIGHT, LEFT, EACH_OTHER, SAME_SIDE",
        "RIGHT, RIGHT, EACH_OTHER, CROSS",
        "RIGHT, RIGHT, SAME_WAY, SAME_SIDE",
        "LEFT, RIGHT, SAME_WAY, CROSS",
        "LEFT, LEFT, HEADS_APART, SAME_SIDE"
    })
    void aGripIsSameSideOrCross(Side hand, Side sleeve, Facing facing, Laterality.Relation expected) {
        Part holder = new Part(Seat.A, Optional.of(hand), Part.Kind.HAND);
        Part target = new Part(Seat.B, Optional.of(sleeve), Part.Kind.SLEEVE);
        assertThat(Laterality.grip(holder, target, facing)).contains(expected);
        assertThat(Laterality.grip(holder.mirrored(), target.mirrored(), facing))
                .contains(expected);
    }

    @Test
    void aLockTakesTheArmThatTheLegCrosses() {
        Bout bout = Bouts.of(
                "0:10 A armbar; limb A left leg on B right arm",
                "0:20 A armbar; side B left; limb A left leg on B right arm",
                "0:30 A kneebar; limb A right leg on B left knee",
                "0:40 A armbar");
        Technique armbar = LEXICON.technique("armbar").orElseThrow();
        assertThat(Laterality.trapped(bout.moments().get(0), armbar)).contains(new OwnedSide(Seat.B, Side.RIGHT));
        assertThat(Laterality.contradicts(bout.moments().get(1), armbar)).isTrue();
        assertThat(Laterality.trapped(
                        bout.moments().get(2), LEXICON.technique("kneebar").orElseThrow()))
                .contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(Laterality.trapped(bout.moments().get(3), armbar)).isEmpty();
        assertThat(Laterality.trapped(bout.mirrored().moments().get(0), armbar))
                .contains(new OwnedSide(Seat.B, Side.LEFT));
    }

    @Test
    void aPassGoesToTheSideOfItsLeadingLegOrAcross() {
        Bout bout = Bouts.of(
                "0:10 A knee-cut; side A right; lead right",
                "0:20 A knee-cut; lead right; travel left",
                "0:30 A knee-cut");
        assertThat(bout.moments())
                .extracting(Laterality::pass)
                .containsExactly(
                        Optional.of(Laterality.Relation.SAME_SIDE),
                        Optional.of(Laterality.Relation.CROSS),
                        Optional.empty());
        assertThat(bout.mirrored().moments())
                .extracting(Laterality::pass)
                .containsExactlyElementsOf(
                        bout.moments().stream().map(Laterality::pass).toList());
    }

    @Test
    void theNearArmIsOnThePinsSide() {
        Settled pin = new Settled(
                "side-control",
                Optional.of(Seat.A),
                Optional.of(new OwnedSide(Seat.B, Side.LEFT)),
                Optional.empty(),
                false);
        Part left = new Part(Seat.B, Optional.of(Side.LEFT), Part.Kind.ARM);
        assertThat(Laterality.limb(left, pin)).contains(Laterality.Distance.NEAR);
        assertThat(Laterality.limb(left.mirrored(), pin)).contains(Laterality.Distance.FAR);
        assertThat(Laterality.limb(new Part(Seat.A, Optional.of(Side.LEFT), Part.Kind.ARM), pin))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "ORTHODOX, ORTHODOX, false, RIGHT",
        "SOUTHPAW, SOUTHPAW, false, LEFT",
        "ORTHODOX, SOUTHPAW, true, LEFT",
        "SOUTHPAW, ORTHODOX, true, RIGHT"
    })
    void sheCirclesAwayFromTheRearHand(Stance own, Stance other, boolean mirrored, Side circle) {
        StanceMatch match = new StanceMatch(own, other);
        assertThat(match.isMirrored()).isEqualTo(mirrored);
        assertThat(match.circle()).isEqualTo(circle);
        assertThat(new StanceMatch(own.mirrored(), other.mirrored()).circle()).isEqualTo(circle.mirrored());
        assertThat(match.sentence()).contains("own " + circle.label());
    }

    @Test
    void mirroringTwiceChangesNothing() {
        for (long seed = 0; seed < 300; seed++) {
            Bout bout = farglass.core.AnyBout.of(seed);
            assertThat(bout.mirrored().mirrored()).isEqualTo(bout);
        }
        Moment moment = Bouts.of("0:10 A armbar; side B left").moments().get(0);
        assertThat(moment.telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
    }
}
