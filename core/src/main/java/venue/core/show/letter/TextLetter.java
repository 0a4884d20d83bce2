package venue.core.show.letter;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import venue.core.show.letter.Block.Band;

/** A letter as text alone (RFC 2046, 4.1.3), in lines of at most 76 characters where there are spaces to break at. */
final class TextLetter {

    private static final int WIDE = 76;

    private final StringBuilder out = new StringBuilder();

    private TextLetter() {}

    static String write(List<Band> bands) {
        TextLetter letter = new TextLetter();
        bands.forEach(b -> b.blocks().forEach(letter::block));
        return letter.out.toString();
    }

    private void block(Block block) {
        if (block instanceof Block.Heading heading) {
            String said = heading.words().stream().map(Run::words).collect(Collectors.joining());
            paragraph(said, "", "");
            String beneath = heading.level() == 1 ? "=" : "-";
            int line = out.length() - 2 - out.lastIndexOf("\n", out.length() - 3);
            out.insert(out.length() - 1, beneath.repeat(Math.max(1, line - 1)) + "\n");
        } else if (block instanceof Block.Words words) {
            String before = words.voice() == Block.Voice.QUOTED ? "> " : "";
            paragraph(said(words.words()), before, before);
        } else if (block instanceof Block.Button button) {
            paragraph(button.label() + ": " + button.href(), "", "");
        } else if (block instanceof Block.Items items) {
            IntStream.range(0, items.lines().size()).forEach(i -> {
                String mark = items.numbered() ? (i + 1) + ". " : "- ";
                wrap(said(items.lines().get(i)), mark, " ".repeat(mark.length()));
            });
            out.append('\n');
        } else if (block instanceof Block.Table table) {
            table.rows()
                    .forEach(row -> wrap(
                            row.stream()
                                    .map(c -> said(c.words()).replace('\n', ' '))
                                    .collect(Collectors.joining(" | ")),
                            "",
                            "    "));
            out.append('\n');
        } else if (block instanceof Block.Rule) {
            paragraph("* * *", "", "");
        }
    }

    /** Links in words are told behind them. */
    private static String said(List<Run> runs) {
        StringBuilder said = new StringBuilder();
        for (int i = 0; i < runs.size(); i++) {
            Run run = runs.get(i);
            said.append(run.words());
            boolean ends = i + 1 == runs.size() || !runs.get(i + 1).href().equals(run.href());
            if (ends
                    && !run.href().isEmpty()
                    && !run.href().endsWith(run.words().strip())) {
                said.append(" (")
                        .append(run.href().replaceFirst("^mailto:", ""))
                        .append(")");
            }
        }
        return said.toString();
    }

    private void paragraph(String words, String first, String further) {
        wrap(words, first, further);
        out.append('\n');
    }

    private void wrap(String words, String first, String further) {
        String before = first;
        for (String line : words.split("\n")) {
            StringBuilder held = new StringBuilder(before);
            boolean empty = true;
            for (String word : line.strip().split(" +")) {
                if (!empty && held.length() + 1 + word.length() > WIDE) {
                    out.append(held).append('\n');
                    held = new StringBuilder(further);
                    empty = true;
                }
                held.append(empty ? "" : " ").append(word);
                empty = false;
            }
            out.append(held).append('\n');
            before = further;
        }
    }
}
