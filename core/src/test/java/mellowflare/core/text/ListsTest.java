package mellowflare.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ListsTest {
    @Test
    void testWordsAreJoinedAsTheyAreSpoken() {
        assertThat(Lists.and(List.of())).isEmpty();
        assertThat(Lists.and(List.of("tape"))).isEqualTo("tape");
        assertThat(Lists.and(List.of("tape", "paste"))).isEqualTo("tape and paste");
        assertThat(Lists.or(List.of("a saw", "shears", "the wheel"))).isEqualTo("a saw, shears or the wheel");
        assertThat(Stream.of("a", "b", "c").collect(Lists.joinedByAnd())).isEqualTo("a, b and c");
        assertThat(Stream.of("a", "b").collect(Lists.joinedByOr())).isEqualTo("a or b");
    }
}
