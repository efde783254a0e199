package gurukram.core.pose;

import static org.assertj.core.api.Assertions.assertThat;

import gurukram.core.Plans;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PoseSearchTest {
    @ParameterizedTest
    @CsvSource({
        "pigeon, half-pigeon",
        "goddess, goddess",
        "mountain, mountain",
        "virabhadrasana 2, warrior-2",
        "Vīrabhadrāsana II, warrior-2",
        "warior two, warrior-2",
        "warrior II, warrior-2",
        "warrior 1, warrior-1",
        "adho mukha, downward-dog",
        "adho mukha svanasana, downward-dog",
        "adho mukha shvanasana, downward-dog",
        "down dog, downward-dog",
        "downward facing dog pose, downward-dog",
        "dwonward dog, downward-dog",
        "dog, downward-dog",
        "up dog, upward-dog",
        "urdhva mukha svanasana, upward-dog",
        "vrksasana, tree",
        "vrikshasana, tree",
        "vriksasana, tree",
        "tree, tree",
        "half mon, half-moon",
        "ardha chandrasana, half-moon",
        "chandrasana, low-lunge-backbend",
        "trikonasana, triangle",
        "trikonsana, triangle",
        "utthita trikonasana, triangle",
        "revolved triangle, revolved-triangle",
        "parivrtta trikonasana, revolved-triangle",
        "parivritta trikonasana, revolved-triangle",
        "savasana, corpse",
        "shavasana, corpse",
        "savasna, corpse",
        "childs pose, childs-pose",
        "child's pose, childs-pose",
        "balasana, childs-pose",
        "chaturanga, low-push-up",
        "chaturanga dandasana, low-push-up",
        "caturanga dandasana, low-push-up",
        "dancer, dancer",
        "natarajasana, dancer",
        "natrajasana, dancer",
        "king dancer, dancer",
        "garudasana, eagle",
        "egle, eagle",
        "wheel, upward-bow",
        "urdhva dhanurasana, upward-bow",
        "bow, bow",
        "dhanurasana, bow",
        "camel, camel",
        "ustrasana, camel",
        "ushtrasana, camel",
        "crow, crow",
        "kakasana, crow",
        "bakasana, crane",
        "headstand, headstand",
        "shirshasana, headstand",
        "sirsasana, headstand",
        "shoulderstand, shoulder-stand",
        "sarvangasana, shoulder-stand",
        "plow, plough",
        "halasana, plough",
        "cobler, bound-angle",
        "butterfly, bound-angle",
        "baddha konasana, bound-angle",
        "happy baby, happy-baby",
        "hapy baby, happy-baby",
        "malasana, garland",
        "full squat, garland",
        "pashchimottanasana, seated-forward-fold",
        "paschimottanasana, seated-forward-fold",
        "paschimotanasana, seated-forward-fold",
        "uttanasana, standing-fold",
        "forward fold, standing-fold",
        "janu sirsasana, head-to-knee",
        "bridge, bridge",
        "setu bandha, bridge",
        "legs up wall, legs-up-the-wall",
        "viparita karani, legs-up-the-wall",
        "figure 4, reclined-figure-four",
        "figure four, reclined-figure-four",
        "cat, cat",
        "cow, cow",
        "wipers, knees-side-to-side",
        "windscreen wiper, knees-side-to-side",
        "nadi shodhana, alternate-nostril",
        "ujjayi, ocean-breath",
        "splits, splits",
        "hanumanasana, splits",
        "lotus, lotus",
        "padmasana, lotus",
        "side plank, side-plank",
        "vasisthasana, side-plank",
        "vashishthasana, side-plank",
        "sukhasana, easy-seat",
        "Marichyasana, sages-twist",
        "sufi rolls, seated-circles",
        "sufi grind, seated-circles",
        "uttana shishosana, puppy",
        "pincha mayurasana, forearm-stand",
        "pinca mayurasana, forearm-stand",
        "forearm balance, forearm-stand",
        "utthan pristhasana, lizard",
        "ashwa sanchalanasana, knee-down-lunge-hands",
        "trianga mukhaikapada paschimottanasana, three-limbed-fold",
        "parsva bakasana, side-crow",
        "parsva kakasana, side-crow",
        "padangusthasana, forward-fold-toes",
        "padahastasana, hand-under-foot-fold",
        "gorilla, hand-under-foot-fold",
        "sleeping swan, half-pigeon",
        "swan, half-pigeon-upright",
        "salamba sirsasana, headstand",
        "sirsasana ii, tripod-headstand",
        "candle, shoulder-stand",
        "salamba sarvangasana, shoulder-stand",
        "four limbed staff, low-push-up",
        "cobbler’s pose, bound-angle",
        "butterfly pose, bound-angle",
        "dead bug, lying-reach",
        "windshield wipers, knees-side-to-side",
        "turtle, tortoise",
        "kumbhakasana, plank",
        "high plank, plank",
        "shoulder bridge, bridge",
        "setu bandhasana, bridge",
        "dwi pada viparita dandasana, upward-bow-elbows",
        "standing forward bend, standing-fold",
        "seated forward bend, seated-forward-fold",
        "prasarita padottanasana, wide-fold",
        "wide legged forward bend, wide-fold",
        "standing half forward bend, half-lift",
        "supine figure four, reclined-figure-four",
        "needle’s eye, reclined-figure-four",
        "sunbird, bird-dog",
        "corpse pose, corpse",
        "final rest, corpse",
        "adho mukha mandukasana, frog",
        "warior 3, warrior-3",
        "virabhadrasana 3, warrior-3",
        "sugarcane, half-moon-bow",
        "natarajasan, dancer",
        "l shape at the wall, half-standing-fold-wall",
        "rock pose, thunderbolt",
        "legs up, legs-up-the-wall",
        "kapalabhati, skull-shining-breath",
        "kapalbhati, skull-shining-breath",
        "victorious breath, ocean-breath",
        "dirga, three-part-breath",
        "paripurna navasana, boat",
        "upavesasana, garland",
        "bharadvaja’s twist, mermaid-twist",
        "square pose, fire-log",
        "updog, upward-dog",
        "downdog, downward-dog",
        "squat, garland",
        "yogi squat, garland",
        "reclined big toe, reclined-hand-to-toe",
        "half lotus tree, half-lotus-tree",
        "baby cobra, baby-cobra",
        "wall sit, wall-squat",
        "wall angels, blade-slides",
        "chair pigeon, chair-pigeon",
        "chair dog, chair-dog",
        "prenatal rest, left-rest",
        "open book, side-lying-twist",
        "yoga nidra, yoga-nidra",
        "body scan, body-scan",
        "chin mudra, hand-chin",
        "anjali mudra, hand-anjali",
        "bhastrika, bellows",
        "sitkari, hissing-breath",
        "viloma, step-breath",
        "trataka, candle-gaze",
        "maha mudra, great-seal",
        "marichyasana a, sage-1",
        "lolasana, lifted-pendulum",
        "jump forward, jump-forward",
        "jump through, jump-through",
        "hip dips, forearm-plank-dips",
        "bicycle, bicycle",
        "caterpillar, caterpillar",
        "dragon, dragon",
        "pedalling, dog-walking",
        "borboleta, bound-angle",
        "torção sentada na cadeira, chair-twist"
    })
    void whatATeacherMeansComesFirst(String typed, String id) {
        assertThat(Plans.CATALOGUE.find(typed)).first().extracting(Pose::id).isEqualTo(id);
    }

    @Test
    void aWordThatMeansSeveralShowsThemAll() {
        assertThat(ids("pigeon"))
                .startsWith("half-pigeon")
                .contains(
                        "half-pigeon-upright",
                        "king-pigeon",
                        "reclined-figure-four",
                        "fire-log",
                        "flying-pigeon",
                        "mermaid");
        assertThat(ids("mountain")).startsWith("mountain").contains("palm-tree", "five-pointed-star");
        assertThat(ids("warrior")).contains("warrior-1", "warrior-2", "warrior-3", "reverse-warrior", "humble-warrior");
        assertThat(ids("half moon")).startsWith("half-moon").contains("standing-side-bend", "revolved-half-moon");
        assertThat(ids("crescent moon")).contains("low-lunge", "standing-side-bend");
        assertThat(ids("twist")).hasSizeGreaterThan(8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"zzzzzz", "qwertyuiop", "", "   ", "????", "12"})
    void nonsenseFindsNothing(String typed) {
        assertThat(ids(typed)).isEmpty();
        assertThat(Plans.CATALOGUE.nearest(typed, 3)).hasSize(3);
    }

    @Test
    void ownPosesTakeTheirPlaceAndAreTiedBothWays() {
        PoseCatalogue shipped = Plans.CATALOGUE;
        Pose tree = shipped.pose("tree");
        PoseCatalogue own = shipped.with(List.of(tree.alsoHarder("eagle")));
        assertThat(own.poses()).hasSameSizeAs(shipped.poses());
        assertThat(own.pose("tree").ties().harder()).contains("eagle");
        assertThat(own.pose("eagle").ties().easier()).contains("tree");
        assertThat(shipped.pose("eagle").ties().easier()).doesNotContain("tree");
    }

    private static List<String> ids(String typed) {
        return Plans.CATALOGUE.find(typed).stream().map(Pose::id).toList();
    }
}
