package gurukram.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
    static final ArchRule sharedKnowsNoFeature = noClasses()
            .that()
            .resideInAPackage("gurukram.web.shared..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "gurukram.web.plans..",
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
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.springframework.jdbc.core..")
            .because("all SQL of one aggregate stands in one place");

    @ArchTest
    static final ArchRule noOpenStreams = noClasses()
            .should()
            .callMethod(org.springframework.jdbc.core.simple.JdbcClient.MappedQuerySpec.class, "stream")
            .because("a stream that nobody closes keeps its connection; take a list");

    @ArchTest
    static final ArchRule noMapperOfObjects = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "org.springframework.data..")
            .because("plain SQL is what we read and tune");
}
