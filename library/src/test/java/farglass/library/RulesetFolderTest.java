package farglass.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.rules.Scored;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RulesetFolderTest {
    @TempDir
    Path folder;

    @Test
    void aCopyIsEditedAndUsedAndABrokenOneOnlyToldOf() throws Exception {
        Path rules = folder.resolve("rulesets");
        assertThat(RulesetFolder.read(rules).rulesets().all()).hasSize(5);
        Path copy = RulesetFolder.copy(rules, "delayed-points", "house");
        Files.writeString(copy, Files.readString(copy).replace("mount: 2", "mount: 3"));
        Files.writeString(rules.resolve("broken.rules"), "far-glass ruleset 1\nname: x\nmount: many\n");
        Files.write(rules.resolve("noise.rules"), new byte[] {(byte) 0xff, (byte) 0xfe, 0});
        RulesetFolder.Found found = RulesetFolder.read(rules);
        assertThat(found.rulesets()
                        .named("house")
                        .orElseThrow()
                        .worths()
                        .get(Scored.MOUNT)
                        .points())
                .isEqualTo(3);
        assertThat(found.problems()).hasSize(2).anySatisfy(problem -> assertThat(problem)
                .contains("broken.rules")
                .contains("line 3"));
        assertThatThrownBy(() -> RulesetFolder.copy(rules, "delayed-points", "house"))
                .hasMessageContaining("is there already");
        assertThatThrownBy(() -> RulesetFolder.copy(rules, "delayed-points", "../../etc"))
                .hasMessageContaining("cannot be a ruleset");
        assertThatThrownBy(() -> RulesetFolder.copy(rules, "golf", "mine")).hasMessageContaining("no shipped ruleset");
    }
}
