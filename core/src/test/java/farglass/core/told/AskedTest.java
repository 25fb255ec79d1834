package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.scope.Scope;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** What a coach would ask of a bout, answered by hand from its text before the dossier could, and what the dossier says. */
class AskedTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private final Map<String, Dossier> dossiers = new ConcurrentHashMap<>();

    private static String text(String file) {
        try (InputStream in = AskedTest.class.getResourceAsStream(file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private Dossier dossier(String bout, String athlete) {
        return dossiers.computeIfAbsent(bout + "/" + athlete, any -> {
            Bout told = BoutFile.parse(text(bout + ".bout"), LEXICON).bout().orElseThrow();
            return Catalogue.dossier(athlete, Corpus.of(List.of(told), LEXICON), Scope.ALL);
        });
    }

    private static String label(Figure figure) {
        return figure.subject().wording().inLexicon() ? LEXICON.label(figure.option()) : figure.option();
    }

    private static Optional<String> count(Figure figure) {
        return figure.match(
                proportion -> Optional.of("%d of %d"
                        .formatted(
                                proportion.share().successes(),
                                proportion.share().chances())),
                pace -> Optional.empty(),
                length -> Optional.empty(),
                listing -> Optional.of(String.valueOf(listing.evidence().size())),
                part -> Optional.empty(),
                longest -> Optional.empty());
    }

    @TestFactory
    Stream<DynamicTest> theDossierSaysWhatWasAnsweredByHand() {
        return Arrays.stream(text("asked.txt").split("\n"))
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .map(line -> line.split(" \\| "))
                .map(line -> DynamicTest.dynamicTest(String.join(", ", line), () -> {
                    List<Figure> figures = dossier(line[0], line[1]).answers().stream()
                            .flatMap(answered -> answered.figures().stream())
                            .filter(figure -> figure.subject().id().equals(line[2]))
                            .toList();
                    if (line[3].equals("none")) {
                        assertThat(figures).isEmpty();
                        return;
                    }
                    assertThat(figures.stream()
                                    .map(figure ->
                                            label(figure) + ": " + count(figure).orElse("")))
                            .contains(line[3] + ": " + line[4]);
                }));
    }
}
