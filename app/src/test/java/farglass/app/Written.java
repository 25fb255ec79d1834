package farglass.app;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;

/** Tells what a person wrote from the builders that are made of it when it is compiled. */
final class Written {
    static final DescribedPredicate<JavaClass> BY_HAND =
            DescribedPredicate.describe("written by hand", each -> !isBuilder(each));

    private Written() {}

    static boolean isBuilder(JavaClass each) {
        return outer(each).isAnnotatedWith("io.soabase.recordbuilder.core.RecordBuilderGenerated");
    }

    /** {@return the name of the file it stands in, or of the record that it builds} */
    static String file(JavaClass each) {
        String name = outer(each).getName();
        return isBuilder(each) ? name.replaceFirst("Builder$", "") : name;
    }

    private static JavaClass outer(JavaClass each) {
        return each.getEnclosingClass().map(Written::outer).orElse(each);
    }
}
