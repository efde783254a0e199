package gurukram.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.jdbc.core.simple.JdbcClient;

@AnalyzeClasses(packages = "gurukram", importOptions = ImportOption.DoNotIncludeTests.class)
class WebArchitectureTest {

    @ArchTest
    static final ArchRule theCoreKnowsNoPages = noClasses()
            .that()
            .resideInAPackage("gurukram.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("gurukram.web..")
            .because("dependency goes one way: web to core");

    @ArchTest
    static final ArchRule featuresHaveNoCycles = slices().matching("gurukram.web.(*)..")
            .should()
            .beFreeOfCycles()
            .because("a feature can be read, and taken out, without the ones that use it");

    @ArchTest
    static final ArchRule noPackageNeedsOneThatNeedsIt = slices().matching("gurukram.web.(**)")
            .should()
            .beFreeOfCycles()
            .because("a package can be read without the ones that use it");

    @ArchTest
    static final ArchRule aClassPagePointsOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("plans")
            .definedBy("gurukram.web.plans")
            .layer("edit")
            .definedBy("gurukram.web.plans.edit")
            .layer("field")
            .definedBy("gurukram.web.plans.field")
            .layer("findings")
            .definedBy("gurukram.web.plans.findings")
            .layer("spine")
            .definedBy("gurukram.web.plans.spine")
            .layer("panel")
            .definedBy("gurukram.web.plans.panel")
            .layer("page")
            .definedBy("gurukram.web.plans.page")
            .whereLayer("page")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("panel")
            .mayOnlyBeAccessedByLayers("page")
            .whereLayer("spine")
            .mayOnlyBeAccessedByLayers("panel", "page")
            .whereLayer("findings")
            .mayOnlyBeAccessedByLayers("spine", "panel", "page")
            .whereLayer("field")
            .mayOnlyBeAccessedByLayers("findings", "spine", "panel", "page")
            .whereLayer("edit")
            .mayOnlyBeAccessedByLayers("field", "findings", "spine", "panel", "page")
            .because("a newcomer reads the class page in this order");

    @ArchTest
    static final ArchRule sharedKnowsNoFeature = noClasses()
            .that()
            .resideInAPackage("gurukram.web.shared..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "gurukram.web.plans..",
                    "gurukram.web.poses..",
                    "gurukram.web.drafts..",
                    "gurukram.web.drawing..",
                    "gurukram.web.exchange..",
                    "gurukram.web.groups..",
                    "gurukram.web.teach..",
                    "gurukram.web.logbook..",
                    "gurukram.web.account..",
                    "gurukram.web.demo..")
            .because("what is shared must not know who shares it");

    @ArchTest
    static final ArchRule onlyStoresSpeakSql = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            .doNotHaveSimpleName("SignInBrake")
            .and()
            // hands the library that keeps a job to one copy its way to the database
            .doNotHaveSimpleName("Jobs")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.springframework.jdbc.core..")
            .because("all SQL of one aggregate stands in one place");

    @ArchTest
    static final ArchRule noOpenStreams = noClasses()
            .should()
            .callMethod(JdbcClient.MappedQuerySpec.class, "stream")
            .because("a stream that nobody closes keeps its connection; take a list");

    @ArchTest
    static final ArchRule noMapperOfObjects = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "org.springframework.data..")
            .because("plain SQL is what we read and tune");
}
