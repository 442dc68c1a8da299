package glowkettle.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import glowkettle.job.Chapter;
import glowkettle.job.order.OrderOfWork;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Controller;

/** The borders of the pages: no circles, SQL in mappers only, and one clock for everybody. */
@AnalyzeClasses(packages = "glowkettle", importOptions = ImportOption.DoNotIncludeTests.class)
class AppRulesTest {
    @ArchTest
    static final ArchRule PACKAGES_HAVE_NO_CIRCLES =
            slices().matching("glowkettle.app.(*)..").should().beFreeOfCycles();

    /** But for the line on which the database tells of changes, and the filter that notices when it is gone. */
    @ArchTest
    static final ArchRule SQL_STANDS_IN_MAPPERS_ONLY = noClasses()
            .that()
            .areNotAnnotatedWith(Mapper.class)
            .and()
            .doNotHaveSimpleName("Listener")
            .and()
            .doNotHaveSimpleName("WithoutDatabase")
            .and()
            .doNotHaveSimpleName("SampleCopy")
            .and()
            .doNotHaveSimpleName("LongWorkClient")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql..", "org.springframework.jdbc..", "org.apache.ibatis.annotations..");

    @ArchTest
    static final ArchRule ONLY_THE_SHOPS_CLOCK_TELLS_THE_TIME =
            noClasses().that().doNotHaveSimpleName("GlowKettle").should().callMethod(Instant.class, "now");

    @ArchTest
    static final ArchRule NO_PAGE_WRITES_IN_A_JOURNAL_BY_ITSELF = noClasses()
            .that()
            .areAnnotatedWith(Controller.class)
            .should()
            .dependOnClassesThat()
            .areAnnotatedWith(Mapper.class)
            .andShould()
            .haveSimpleNameNotContaining("Bench");

    /** A longer one is cut into parts that have names; only a row of a table is as wide as its table. */
    @ArchTest
    static void recordsHaveAtMostEightComponents(JavaClasses classes) {
        assertThat(classes.stream()
                        .filter(JavaClass::isRecord)
                        .map(JavaClass::reflect)
                        .filter(record -> record.getRecordComponents().length > 8)
                        .filter(record -> record.getEnclosingClass() == null
                                || !record.getEnclosingClass().isAnnotationPresent(Mapper.class)))
                .isEmpty();
    }

    /** Everybody else asks for facts. */
    @ArchTest
    static void entriesAreNamedByThePagesOfTheirOwnStage(JavaClasses app) {
        for (Chapter<?> chapter : OrderOfWork.CHAPTERS.inOrder()) {
            String stage = chapter.getClass().getPackageName().replace("glowkettle.job", "glowkettle.app");
            if (!stage.equals("glowkettle.app")) {
                noClasses()
                        .that()
                        .resideInAPackage("glowkettle.app..")
                        .and()
                        .resideOutsideOfPackage(stage + "..")
                        .should()
                        .dependOnClassesThat()
                        .areAssignableTo(chapter.entries())
                        .check(app);
            }
        }
    }

    /**
     * What pages of a stage still read of later ones. It only gets shorter: whatever is not true any more has to go, and
     * nothing is added.
     */
    private static final Set<String> STILL_READ_OF_LATER_STAGES = Set.of(
            "ArrivePage handback.EarliestReady",
            "ArriveView open.Opening",
            "ArriveView photo.JobPhotos",
            "AssessView isolation.Isolating",
            "AssessView open.Opening",
            "BuildPanel join.Welding",
            "FaceView wayback.JobTray",
            "GaugeReadout prove.ProveChapter",
            "HealthPanel calibrate.SoakCycle",
            "HoldController prove.ProveChapter",
            "ModelNaming open.Opening",
            "Naming open.Opening",
            "NextReading open.Opening",
            "OpenView wayback.JobTray",
            "PhotoController open.OpenChapter",
            "PromiseGate assess.Assessing",
            "PromiseGate handback.EarliestReady",
            "QuoteCompletion open.FastenerLog",
            "QuoteCompletion open.Opening",
            "RimSetGate wayback.Sealing",
            "StoredPackList fit.Fitting",
            "TrayPanel wayback.JobTray");

    /** A stage's pages read facts of their own stage and of earlier ones. */
    @ArchTest
    static void pagesOfAStageReadNothingOfLaterOnes(JavaClasses app) {
        List<String> stages = OrderOfWork.CHAPTERS.inOrder().stream()
                .map(chapter -> chapter.getClass().getPackageName())
                .filter(name -> !name.equals("glowkettle.job"))
                .map(name -> name.replace("glowkettle.job.", ""))
                .toList();
        Set<String> read = new TreeSet<>();
        for (JavaClass page : app) {
            int own = stages.indexOf(page.getPackageName().replace("glowkettle.app.", ""));
            if (own >= 0) {
                page.getDirectDependenciesFromSelf().stream()
                        .map(dependency -> outermost(dependency.getTargetClass()))
                        .filter(target -> target.getPackageName().startsWith("glowkettle.job."))
                        .filter(target -> stages.indexOf(target.getPackageName().replace("glowkettle.job.", "")) > own)
                        .forEach(target -> read.add("%s %s.%s"
                                .formatted(
                                        outermost(page).getSimpleName(),
                                        target.getPackageName().replace("glowkettle.job.", ""),
                                        target.getSimpleName())));
            }
        }
        assertThat(read).containsExactlyInAnyOrderElementsOf(STILL_READ_OF_LATER_STAGES);
    }

    private static JavaClass outermost(JavaClass one) {
        return one.getEnclosingClass().map(AppRulesTest::outermost).orElse(one);
    }
}
