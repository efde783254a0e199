package gurukram.web.assets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class ModuleBundleTest {
    private static String bundle(Map<String, String> modules) {
        return ModuleBundle.of("a/page.js", modules::get);
    }

    @Test
    void eachModuleStandsOnceAndBeforeThoseThatNeedIt() {
        String script = bundle(Map.of(
                "a/page.js", "import { one } from './part.js';\nimport * as two from '../b/two.js';\none(two.name);",
                "a/part.js", "import { name } from '../b/two.js';\nexport function one() { return name; }",
                "b/two.js", "export const name = 'two';"));
        assertThat(script).containsSubsequence("const m_b_two_js =", "const m_a_part_js =", "const m_a_page_js =");
        assertThat(script.split("const m_b_two_js =", -1)).hasSize(2);
        assertThat(script)
                .contains(
                        "const { one } = m_a_part_js;",
                        "const two = m_b_two_js;",
                        "return { name };",
                        "return { one };")
                .doesNotContain("import ", "export ");
    }

    @Test
    void aModuleNeededForWhatItDoesIsRunAndNamesMayBeChanged() {
        String script = bundle(Map.of(
                "a/page.js", "import './side.js';\nimport { x as y } from './side.js';",
                "a/side.js", "export class x {}"));
        assertThat(script).contains("class x {}", "const { x: y } = m_a_side_js;");
    }

    @Test
    void mistakesAreFoundAtTheStart() {
        assertThatThrownBy(() -> bundle(Map.of("a/page.js", "import { x } from './gone.js';")))
                .hasMessageContaining("no module a/gone.js");
        assertThatThrownBy(() -> bundle(Map.of("a/page.js", "import './b.js';", "a/b.js", "import './page.js';")))
                .hasMessageContaining("in a circle");
        assertThatThrownBy(() -> bundle(Map.of("a/page.js", "export default 5;")))
                .hasMessageContaining("not a kind of import or export I know");
    }
}
