package gurukram.web.drawing;

import gurukram.core.body.Side;
import gurukram.core.body.SideBehaviour;
import gurukram.core.catalogue.CatalogueReader;
import gurukram.core.pose.Pose;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/**
 * Draws figures on numbered sheets without their names, for somebody who is to name them, and the key apart:
 * {@code tools/figure-sheets.sh}. Arguments: a folder; {@code mixed} or {@code as-filed}; the size of a figure in px; ids of poses
 * (all without any).
 */
final class FigureSheets {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 1000;
    private static final int LABEL = 22;

    private FigureSheets() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.createDirectories(Path.of(args[0]));
        int size = Integer.parseInt(args[2]);
        List<String> asked = List.of(args).subList(3, args.length);
        List<Pose> poses = new ArrayList<>(CatalogueReader.shipped().poses());
        if (!asked.isEmpty()) poses.removeIf(pose -> !asked.contains(pose.id()));
        // the same order each time, so that two readings can be compared
        if (args[1].equals("mixed")) Collections.shuffle(poses, new Random(7));
        int perSheet = (WIDTH / (size + 8)) * (HEIGHT / (size + LABEL + 8));
        StringBuilder key = new StringBuilder();
        for (int from = 0; from < poses.size(); from += perSheet) {
            List<Pose> here = poses.subList(from, Math.min(poses.size(), from + perSheet));
            String name = "sheet-%02d.html".formatted(from / perSheet + 1);
            Files.writeString(folder.resolve(name), sheet(here, from + 1, size));
            for (int i = 0; i < here.size(); i++)
                key.append(from + 1 + i).append('\t').append(here.get(i).id()).append('\n');
        }
        Files.writeString(folder.resolve("key.tsv"), key.toString());
    }

    private static String sheet(List<Pose> poses, int first, int size) {
        StringBuilder html = new StringBuilder("<!doctype html><meta charset=utf-8><style>")
                .append("body{margin:4px;width:%dpx;background:#fff;font:16px sans-serif}".formatted(WIDTH - 8))
                .append("div{float:left;margin:4px;width:%dpx;height:%dpx}".formatted(size, size + LABEL))
                .append("svg{width:100%%;height:%dpx;display:block}</style>".formatted(size));
        for (int i = 0; i < poses.size(); i++) {
            html.append("<div>").append(first + i).append(draw(poses.get(i))).append("</div>");
        }
        return html.toString();
    }

    private static String draw(Pose pose) {
        Side side = pose.sides() == SideBehaviour.SYMMETRIC ? null : Side.RIGHT;
        return FigureSvg.draw(pose.figure(), pose.sideOf(), new FigureSvg.Manner(side, true, false, Inks.LIGHT));
    }
}
