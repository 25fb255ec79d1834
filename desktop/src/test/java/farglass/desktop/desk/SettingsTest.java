package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsTest {
    @TempDir
    Path folder;

    @Test
    void theyComeBackAsTheyWereKept() throws Exception {
        Path file = folder.resolve("deep/settings.properties");
        Settings settings = Settings.read(file);
        settings.darkProperty().set(true);
        settings.textPercentProperty().set(125);
        settings.lagSecondsProperty().set(0.75);
        settings.save();
        Settings again = Settings.read(file);
        assertThat(again.darkProperty().get()).isTrue();
        assertThat(again.textPercentProperty().get()).isEqualTo(125);
        assertThat(again.lagSecondsProperty().get()).isEqualTo(0.75);
    }

    @Test
    void aSpoiledFileCostsAPreferenceAndNothingElse() throws Exception {
        Path file = folder.resolve("s");
        Files.writeString(file, "text=900\nlag=NaN\ndark=perhaps\n\\u00zz");
        Settings settings = Settings.read(file);
        assertThat(settings.textPercentProperty().get()).isEqualTo(100);
        assertThat(settings.lagSecondsProperty().get()).isEqualTo(Settings.USUAL_LAG_SECONDS);
        Files.write(file, new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1});
        assertThat(Settings.read(file).darkProperty().get()).isFalse();
    }

    @Test
    void bordersStayWhereBothSidesCanBeSeen() throws Exception {
        Path file = folder.resolve("s");
        Settings settings = Settings.read(file);
        settings.wordsShareProperty().set(0.99);
        settings.tideHeightProperty().set(-5);
        assertThat(settings.wordsShareProperty().get()).isEqualTo(0.7);
        assertThat(settings.tideHeightProperty().get()).isEqualTo(96);
        settings.save();
        assertThat(Settings.read(file).wordsShareProperty().get()).isEqualTo(0.7);
        Files.writeString(file, "words=0.01\ntide=9999\n");
        assertThat(Settings.read(file).wordsShareProperty().get()).isEqualTo(0.35);
        assertThat(Settings.read(file).tideHeightProperty().get()).isEqualTo(320);
    }
}
