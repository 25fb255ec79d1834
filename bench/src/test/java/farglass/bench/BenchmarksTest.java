package farglass.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.openjdk.jmh.runner.BenchmarkList;
import org.openjdk.jmh.runner.format.OutputFormatFactory;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Nobody runs them with the tests, and what lists them is made by the compiler: once it was not, and no speed could be measured any more. */
class BenchmarksTest {
    @Test
    void theCompilerListsThem() {
        Set<String> listed = BenchmarkList.defaultList()
                .getAll(OutputFormatFactory.createFormatInstance(System.out, VerboseMode.SILENT), java.util.List.of())
                .stream()
                .map(each -> each.getUserClassQName())
                .collect(Collectors.toSet());

        assertThat(listed)
                .contains(
                        DossierBenchmark.class.getName(),
                        PicksBenchmark.class.getName(),
                        OpeningBenchmark.class.getName());
    }
}
