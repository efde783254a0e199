package gurukram.core.pose;

import java.util.LinkedHashMap;
import java.util.Map;

/** A catalogue of three poses and a ladder without a fault, to break. */
final class SoundCatalogue {
    static final String SOUND = """
            # comment
            - id: tree
              name: Tree
              sanskrit: Vṛkṣāsana
              also: [tree balance]
              loosely: [balance]
              base: standing
              sides: two-sided
              sideOf: standing-leg
              hold: active
              complexity: medium
              effort: 3
              depth: 1
              risk: low
              level: beginner
              spine: neutral
              facing: front
              peakable: true
              breath: in
              leave: out
              doses: ["3-5 breaths, at 4", "6 breaths", "8 breaths"]
              stretches: [inner-thighs 1 other]
              works: [ankles-feet 3 own]
              notIn: [knees]
              actions: [one-leg-balance 2/2, outer-hip-strength 1]
              counter: [plank]
              next: [plank]
              props: [wall 1 or chair back]
              cautions:
                - ankle change a hand at the wall → plank
                - vertigo change a hand at the wall
                - pregnancy-later change a hand at the wall
                - osteoporosis change a hand at the wall
              cues:
                enter: ["stand on the {lead} leg", "on the {lead} leg"]
                align: ["hips level", "level"]
                leave: ["lower the {other} foot", "foot down"]
              figure: {view: front, spine: "90", arm: "100 80", leg: "-92 -90", leg2: "-28*.95 208*.95 -110"}
            - id: plank
              name: Plank
              base: plank
              hold: active
              complexity: simple
              effort: 4
              depth: 1
              risk: low
              level: beginner
              spine: neutral
              facing: down
              breath: in
              leave: out
              doses: ["2 breaths", "4 breaths", "10 reps"]
              repSeconds: 3
              harder: [knee-plank]
              mechanisms: [still]
              cues:
                enter: ["step back", "back"]
                align: ["one line", "line"]
                leave: ["knees down", "knees"]
              figure: {hips: "24", spine: "12 10", leg: "floor -45 straight end -68", arm: "floor 28"}
            - id: knee-plank
              name: Hard plank
              base: plank
              hold: active
              complexity: simple
              effort: 4
              depth: 1
              risk: low
              level: beginner
              spine: neutral
              facing: down
              breath: in
              leave: out
              doses: ["2 breaths", "4 breaths", "5 breaths"]
              easier: [plank]
              mechanisms: [still]
              cues:
                enter: ["step back", "back"]
                align: ["one line", "line"]
                leave: ["knees down", "knees"]
              figure: {hips: "24", spine: "12 10", leg: "floor -45 straight end -68", arm: "floor 28"}
            """;
    static final String LADDERS = """
            - id: tree
              name: Tree
              peak: tree
              level: beginner
              classes: 2
              back: the hip hitches up
              rungs:
                - pose: plank
                  dose: 3 breaths
                  ready: steady
                - does: one foot light
                  dose: 3 breaths
                  ready: steady
                - pose: knee-plank
                  dose: 5 breaths
                  ready: steady
                  props: [block 1]
                  with: teacher
                - pose: tree
                  dose: 5 breaths
                  ready: gaze may move
            """;

    static Map<String, String> files(String poses, String ladders) {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("balances.yaml", poses);
        files.put("ladders.yaml", ladders);
        return files;
    }

    static Map<String, String> files() {
        return files(SOUND, LADDERS);
    }

    private SoundCatalogue() {}
}
