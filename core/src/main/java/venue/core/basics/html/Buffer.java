package venue.core.basics.html;

import java.util.Arrays;

/** Characters put one after another; unlike a string builder it never has to widen what it holds. */
final class Buffer {

    private static final int LEAST = 64;

    private char[] chars;
    private int length;

    Buffer(int capacity) {
        chars = new char[capacity];
    }

    Buffer append(char c) {
        room(1);
        chars[length++] = c;
        return this;
    }

    Buffer append(String words) {
        int count = words.length();
        room(count);
        words.getChars(0, count, chars, length);
        length += count;
        return this;
    }

    Buffer append(Buffer other) {
        room(other.length);
        System.arraycopy(other.chars, 0, chars, length, other.length);
        length += other.length;
        return this;
    }

    /** Words as they may stand in text and in quoted attributes. */
    Buffer escape(String words) {
        int from = length;
        append(words);
        for (int i = from; i < length; i++) {
            char c = chars[i];
            if (c == '&' || c == '<' || c == '>' || c == '"') {
                length = from;
                return escapeEach(words);
            }
        }
        return this;
    }

    private Buffer escapeEach(String words) {
        for (int i = 0; i < words.length(); i++) {
            switch (words.charAt(i)) {
                case '&' -> append("&amp;");
                case '<' -> append("&lt;");
                case '>' -> append("&gt;");
                case '"' -> append("&quot;");
                default -> append(words.charAt(i));
            }
        }
        return this;
    }

    int length() {
        return length;
    }

    /** Puts words between what is there. */
    void insert(int at, String words) {
        int count = words.length();
        room(count);
        System.arraycopy(chars, at, chars, at + count, length - at);
        words.getChars(0, count, chars, at);
        length += count;
    }

    void clear() {
        length = 0;
    }

    @Override
    public String toString() {
        return new String(chars, 0, length);
    }

    private void room(int more) {
        if (length + more > chars.length) {
            chars = Arrays.copyOf(chars, Math.max(LEAST, Math.max(length + more, chars.length * 2)));
        }
    }
}
