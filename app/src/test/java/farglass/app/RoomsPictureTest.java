package farglass.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Collectors;

/** The picture in the docs shows the code as it is. {@code mvn -pl app test -Dtest=RoomsPictureTest -Drooms.draw} draws it anew. */
@AnalyzeClasses(packages = "farglass", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsPictureTest {
    private static final Path PICTURE = Path.of("..", "docs", "rooms.svg");

    /** What has more files is no place anybody can look over. */
    private static final int MOST_FILES = 24;

    @ArchTest
    static void thePictureOfTheRoomsIsDrawnFromTheCode(JavaClasses classes) throws IOException {
        String drawn = RoomsPicture.of(classes);
        if (System.getProperty("rooms.draw") != null) {
            Files.writeString(PICTURE, drawn);
        }
        assertThat(PICTURE)
                .as("the rooms have changed: draw them anew with -Drooms.draw, and look at the picture")
                .content()
                .isEqualTo(drawn);
    }

    @ArchTest
    static void noRoomHasMoreFilesThanCanBeLookedOver(JavaClasses classes) {
        Map<String, Long> files = classes.stream()
                .filter(Written.BY_HAND)
                .filter(each -> !each.getName().contains("$"))
                .collect(Collectors.groupingBy(JavaClass::getPackageName, Collectors.counting()));
        assertThat(files).allSatisfy((room, count) -> assertThat(count).as(room).isLessThanOrEqualTo(MOST_FILES));
    }
}
