package venue.browser;

import java.util.function.Consumer;

/**
 * Something that people do, from its first step to what visitors get of it ({@code docs/jobs.md}).
 *
 * @param most the acts that it may take
 */
record Job(String name, int most, Consumer<Desk> done) {

    @Override
    public String toString() {
        return name;
    }
}
