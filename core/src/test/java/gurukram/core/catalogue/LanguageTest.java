package gurukram.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gurukram.core.Notation;
import gurukram.core.Plans;
import gurukram.core.catalogue.rules.CatalogueProblem;
import gurukram.core.notation.LineReader;
import gurukram.core.notation.NotationWriter;
import gurukram.core.notation.line.Line;
import gurukram.core.notation.line.LineContext;
import gurukram.core.plan.ClassPlan;
import gurukram.core.plan.NodeNames;
import gurukram.core.pose.Level;
import gurukram.core.pose.Pose;
import gurukram.core.pose.PoseCatalogue;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names of poses in other languages. */
class LanguageTest {
    private static final PoseCatalogue PORTUGUESE = Plans.CATALOGUE.in("pt");

    @Test
    void showsTheNamesOfTheLanguageAndStillFindsTheEnglishOnes() {
        Pose butterfly = PORTUGUESE.pose("bound-angle");
        assertThat(butterfly.name()).isEqualTo("Borboleta");
        assertThat(butterfly.sanskrit()).isEqualTo("Baddha koṇāsana");
        assertThat(PORTUGUESE.named("bound angle")).contains(butterfly);
        assertThat(PORTUGUESE.named("baddha konasana")).contains(butterfly);
        assertThat(Plans.CATALOGUE.in("xx")).isSameAs(Plans.CATALOGUE);
    }

    @ParameterizedTest
    @CsvSource({
        "borboleta, bound-angle",
        "savasana, corpse",
        "cachorro olhando para baixo, downward-dog",
        "postura da criança, childs-pose",
        "postura da crianca, childs-pose",
        "guerreiro 2, warrior-2",
        "arco, bow",
        "meia lua, half-moon",
        "pombo, half-pigeon",
        "prancha, plank"
    })
    void areFoundWhateverIsShown(String typed, String id) {
        assertThat(Plans.CATALOGUE.find(typed)).first().extracting(Pose::id).isEqualTo(id);
    }

    @Test
    void everyNameIsReadAsItsPose() {
        LineReader reader = new LineReader(PORTUGUESE, NodeNames.numbers());
        for (Pose pose : PORTUGUESE.poses()) {
            assertThat(reader.read(pose.name().toLowerCase(Locale.ROOT), LineContext.outside(Level.BEGINNER)))
                    .as(pose.id())
                    .isInstanceOfSatisfying(
                            Line.AddStep.class, step -> assertThat(step.pose()).isEqualTo(pose.id()));
        }
    }

    @Test
    void aClassWrittenInOneLanguageIsReadInAnother() {
        ClassPlan plan = Notation.plan("""
                class: Maré
                standing:
                half moon, both, 4 breaths
                - wrist: triangle
                flow, 2 rounds, both sides
                  high lunge, lead, in
                  warrior 2, lead, out
                end flow
                final rest, 6 min
                """);
        String written = new NotationWriter(PORTUGUESE).write(plan);
        assertThat(written).contains("meia-lua").doesNotContain("half moon");
        assertThat(NodeNames.numbered(Notation.plan(written))).isEqualTo(NodeNames.numbered(plan));
    }

    @Test
    void whatIsWrongIsToldAtItsPlace() {
        Map<String, String> files = new LinkedHashMap<>(CatalogueReader.shippedFiles());
        String file = files.get("names/pt.yaml");
        assertThat(problem(files, file.replaceFirst("(?m)^  bound-angle: .*\n", "")))
                .contains("bound-angle", "no name in this language");
        int line = file.substring(0, file.indexOf("  bound-angle:")).split("\n").length + 1;
        assertThat(problem(files, file.replaceFirst("(?m)^  staff: .*", "  staff: borboleta")))
                .contains("names/pt.yaml:" + line, "also a name of staff");
        assertThat(problem(files, file.replaceFirst("(?m)^  staff: .*", "  staff: plank")))
                .contains("also a name of plank");
        assertThat(problem(files, file.replaceFirst("(?m)^  staff: .*", "  staf: bastão")))
                .contains("no pose with this id");
        assertThat(problem(files, file.replaceFirst("(?m)^  staff: .*", "  staff: \"…\"")))
                .contains("plain letters");
        assertThat(problem(files, file.replaceFirst("(?m)^language: .*", ""))).contains("what the language is called");
    }

    private static String problem(Map<String, String> files, String broken) {
        Map<String, String> changed = new LinkedHashMap<>(files);
        assertThat(changed.put("names/pt.yaml", broken)).isNotEqualTo(broken);
        StringBuilder all = new StringBuilder();
        assertThatThrownBy(() -> CatalogueReader.read(changed)).isInstanceOfSatisfying(CatalogueException.class, e -> {
            for (CatalogueProblem problem : e.problems()) all.append(problem).append('\n');
        });
        return all.toString();
    }
}
