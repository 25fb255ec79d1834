package farglass.core;

import io.soabase.recordbuilder.core.RecordBuilder;
import io.soabase.recordbuilder.core.RecordBuilder.BuilderMode;
import io.soabase.recordbuilder.core.RecordBuilder.ConcreteSettersForOptionalMode;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A record with so many parts that nobody could read them by their places: a builder that names them is written when it is compiled. What is
 * optional and not named is empty, and so is a list; all else has to be named.
 */
@RecordBuilder.Template(
        options =
                @RecordBuilder.Options(
                        useImmutableCollections = true,
                        addConcreteSettersForOptional = ConcreteSettersForOptionalMode.ENABLED,
                        enableWither = false,
                        enableGetters = false,
                        addClassRetainedGenerated = true,
                        addStaticBuilder = false,
                        buildMethodName = "create",
                        builderMode = BuilderMode.STAGED_REQUIRED_ONLY))
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.TYPE)
public @interface Built {}
