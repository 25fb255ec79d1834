package farglass.app.text;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import farglass.app.home.Home;
import farglass.app.home.Rules;
import farglass.core.rules.Rulesets;
import farglass.library.RulesetFolder;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "rulesets",
        mixinStandardHelpOptions = true,
        description = "Lists the rulesets, or copies a shipped one to be edited.")
public final class RulesetsCommand implements Callable<Integer> {
    @Option(names = "--copy", paramLabel = "NAME", description = "copy this shipped ruleset")
    private String copy;

    @Option(names = "--as", paramLabel = "NAME", description = "the copy's name; it goes into your own folder")
    private String as;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() throws IOException {
        Path folder = Home.folder().resolve("rulesets");
        if (copy != null) {
            if (as == null) {
                throw new LibraryException("Say what the copy is to be called: --as NAME.");
            }
            Path written = RulesetFolder.copy(folder, copy, as);
            System.out.println("Edit " + written + "; it is read at the next start.");
            return 0;
        }
        Rulesets all = Rules.all();
        if (json) {
            ArrayNode told = JsonNodeFactory.instance.arrayNode();
            all.all().forEach(each -> told.addObject()
                    .put("name", each.name())
                    .put("title", each.title())
                    .put("date", each.date().toString())
                    .put("notice", each.notice()));
            System.out.println(told.toPrettyString());
        } else {
            all.all()
                    .forEach(each -> System.out.println(
                            "%s: %s, of %s. %s".formatted(each.name(), each.title(), each.date(), each.notice())));
            System.out.println("Your own go into " + folder + " as NAME" + RulesetFolder.ENDING + ".");
        }
        return 0;
    }
}
