package mellowflare.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

/** What the start script says on machines that lack something, with the machine played by functions of the shell. */
@EnabledOnOs(OS.LINUX)
class NeedsScriptTest {
    private static final Path ROOT = Path.of(System.getProperty("basedir", "."))
            .toAbsolutePath()
            .resolve("..")
            .normalize();

    private static final String MAY_NOT = "may_install() { return 1; }\n";
    private static final String HAS_JAVA = "find_java() { return 0; }\nfind_maven() { return 0; }\n";
    private static final String BARE = "find_java() { return 1; }\nfind_maven() { return 1; }\n";
    private static final String DEBIAN = "apt-get() { :; }\napt-cache() { :; }\n";

    private record Said(int status, String text) {}

    private static Said need(String use, String machine) throws IOException, InterruptedException {
        String script = "set -eu\nroot='" + ROOT + "'\nsay() { printf '%s\\n' \"$*\" >&2; }\n"
                + "die() { say \"$*\"; exit 3; }\nis_built() { return 1; }\n. \"$root/setup/needs.sh\"\n"
                + machine + "\nneed " + use;
        Path output = Files.createTempFile("said", ".txt");
        try {
            Process process = new ProcessBuilder("bash", "-c", script)
                    .redirectErrorStream(true)
                    .redirectOutput(output.toFile())
                    .start();
            assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
            return new Said(process.exitValue(), Files.readString(output, StandardCharsets.UTF_8));
        } finally {
            Files.delete(output);
        }
    }

    /** A machine that has every library of the table but those named. */
    private static String libraries(String... missing) {
        String all = "known_libraries() { awk -F, 'NR > 1 { print $1 }' \"$root/setup/libraries.csv\"";
        for (String library : missing) {
            all += " | grep -vxF " + library;
        }
        return all + "; }\n";
    }

    @Test
    void testMachineThatHasEverythingIsAskedNothing() throws Exception {
        assertThat(need("window", MAY_NOT + HAS_JAVA + libraries())).isEqualTo(new Said(0, ""));
    }

    @Test
    void testOneMissingLibraryIsNamedWithTheOneCommandThatInstallsIt() throws Exception {
        Said said = need("window", MAY_NOT + HAS_JAVA + DEBIAN + libraries("libXtst.so.6"));
        assertThat(said.status()).isEqualTo(3);
        assertThat(said.text())
                .contains("libXtst.so.6")
                .contains("apt-get install -y --no-install-recommends libxtst6'")
                .doesNotContain("JDK")
                .doesNotContain("libgtk");
    }

    @Test
    void testTestsNeedNoLibraryOfTheWindow() throws Exception {
        String machine = MAY_NOT + HAS_JAVA + DEBIAN + libraries("libXtst.so.6", "libGL.so.1");
        assertThat(need("test", machine)).isEqualTo(new Said(0, ""));
        assertThat(need("window", machine).status()).isEqualTo(3);
    }

    @Test
    void testComputingWithoutAWindowNeedsNoLibraryButJava() throws Exception {
        Said said = need("program", MAY_NOT + BARE + DEBIAN + libraries("libglib-2.0.so.0"));
        assertThat(said.text()).contains("default-jdk-headless maven'").doesNotContain("libglib");
    }

    @Test
    void testOtherSystemGetsTheListInOneSentenceAndNoCommand() throws Exception {
        String noApt = "command() { [ \"$2\" != apt-get ] && builtin command \"$@\"; }\n";
        Said said = need("window", MAY_NOT + BARE + noApt + libraries("libXtst.so.6"));
        assertThat(said.status()).isEqualTo(3);
        assertThat(said.text().strip().lines()).hasSize(1);
        assertThat(said.text())
                .contains("a JDK, version 17 or newer, Maven, libXtst.so.6")
                .doesNotContain("apt-get");
    }

    @Test
    void testOlderDefaultJavaIsPassedOverForSeventeen() throws Exception {
        String old = "apt-get() { :; }\napt-cache() { echo '  Depends: openjdk-11-jdk-headless'; }\n";
        assertThat(need("program", MAY_NOT + BARE + old).text()).contains(" openjdk-17-jdk-headless maven");
    }

    @Test
    void testWhoMayInstallIsNotAskedAndGetsWhatIsMissing() throws Exception {
        String machine = "may_install() { return 0; }\n" + HAS_JAVA
                + "known_libraries() { if [ -n \"${done:-}\" ]; then awk -F, 'NR > 1 { print $1 }' \"$root/setup/libraries.csv\"; else echo libc.so.6; fi; }\n"
                + "install_packages() { echo \"install $*\"; done=yes; }\n";
        assertThat(need("test", machine))
                .isEqualTo(new Said(
                        0, "install libglib2.0-0 libpango-1.0-0 libpangoft2-1.0-0 libfontconfig1 libfreetype6\n"));
    }

    @Test
    void testInstallationThatFailedIsSaidAndStops() throws Exception {
        Said said = need(
                "window",
                "may_install() { return 0; }\n" + HAS_JAVA + libraries("libXtst.so.6")
                        + "install_packages() { return 1; }\n");
        assertThat(said.status()).isEqualTo(3);
        assertThat(said.text()).contains("could not be installed").contains("libXtst.so.6");
    }
}
