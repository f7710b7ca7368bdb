package org.nestrinse.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.nestrinse.app.running.OnSharedDemo;
import org.nestrinse.app.running.RunningApp;

/** What is shipped under licences of its own is named where anybody can read it. */
@OnSharedDemo
class LicencesTest {
  @ParameterizedTest
  @CsvSource({
    "licences-of-the-server.txt, hibernate-core",
    "licences-of-the-interface.md, vue-router",
    "licence-of-bricolage-grotesque.txt, Open Font License",
    "licence-of-schibsted-grotesk.txt, Open Font License"
  })
  void isServed(String file, String named, RunningApp app) {
    RunningApp.Answer answer = app.get("/" + file);
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body()).contains(named);
  }
}
