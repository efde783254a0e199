package gurukram.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;

@AnalyzeClasses(packages = "gurukram.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {

    @ArchTest
    static final ArchRule packagesPointOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("basics")
            .definedBy("gurukram.core.time..", "gurukram.core.text..")
            .layer("figure")
            .definedBy("gurukram.core.figure..")
            .layer("dose")
            .definedBy("gurukram.core.dose..")
            .layer("body")
            .definedBy("gurukram.core.body..")
            .layer("pose")
            .definedBy("gurukram.core.pose..")
            .layer("catalogue")
            .definedBy("gurukram.core.catalogue..")
            .layer("progress")
            .definedBy("gurukram.core.progress..")
            .layer("plan")
            .definedBy("gurukram.core.plan..")
            .layer("score")
            .definedBy("gurukram.core.score..")
            .layer("cue")
            .definedBy("gurukram.core.cue..")
            .layer("notation")
            .definedBy("gurukram.core.notation..")
            .layer("group")
            .definedBy("gurukram.core.group..")
            .layer("fit")
            .definedBy("gurukram.core.fit..")
            .layer("check")
            .definedBy("gurukram.core.check..")
            .layer("phrase")
            .definedBy("gurukram.core.phrase..")
            .layer("compose")
            .definedBy("gurukram.core.compose..")
            .whereLayer("compose")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("phrase")
            .mayOnlyBeAccessedByLayers("compose")
            .whereLayer("check")
            .mayOnlyBeAccessedByLayers("compose")
            .whereLayer("fit")
            .mayOnlyBeAccessedByLayers("check", "compose")
            .whereLayer("group")
            .mayOnlyBeAccessedByLayers("check", "compose")
            .whereLayer("cue")
            .mayOnlyBeAccessedByLayers("check")
            .whereLayer("notation")
            .mayOnlyBeAccessedByLayers("phrase", "compose")
            .whereLayer("score")
            .mayOnlyBeAccessedByLayers("cue", "fit", "check", "phrase", "compose")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("score", "cue", "notation", "fit", "check", "phrase", "compose")
            .whereLayer("catalogue")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("progress")
            .mayOnlyBeAccessedByLayers("compose")
            .whereLayer("pose")
            .mayOnlyBeAccessedByLayers(
                    "catalogue",
                    "progress",
                    "plan",
                    "score",
                    "cue",
                    "notation",
                    "group",
                    "fit",
                    "check",
                    "phrase",
                    "compose")
            .whereLayer("body")
            .mayOnlyBeAccessedByLayers(
                    "pose", "catalogue", "plan", "score", "cue", "notation", "fit", "check", "phrase", "compose")
            .whereLayer("figure")
            .mayOnlyBeAccessedByLayers("pose", "catalogue")
            .whereLayer("dose")
            .mayOnlyBeAccessedByLayers(
                    "pose",
                    "catalogue",
                    "plan",
                    "score",
                    "cue",
                    "notation",
                    "group",
                    "fit",
                    "check",
                    "phrase",
                    "compose")
            .because("a newcomer reads the core in this order");

    @ArchTest
    static final ArchRule noPackageNeedsOneThatNeedsIt = slices().matching("gurukram.core.(**)")
            .should()
            .beFreeOfCycles()
            .because("a package can be read without the ones that use it");

    @ArchTest
    static final ArchRule theCoreKnowsNoOutsideWorld = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "java.sql..", "javax.sql..", "jakarta..", "java.net..")
            .because("the computation is tested in milliseconds, without a server or a database");

    @ArchTest
    static final ArchRule theCoreKnowsNoClock = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(Instant.class, "now")
            .because("time is passed in, so that the same plan always gives the same score");
}
