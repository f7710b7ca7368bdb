package org.nestrinse.app.kit.person;

import java.util.List;
import org.nestrinse.app.changes.CachedAnswer;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Whose textiles are washed. */
@RestController
@RequestMapping("/api/v1")
class PersonController {
  private final PersonService people;

  PersonController(PersonService people) {
    this.people = people;
  }

  @GetMapping("/people")
  @CachedAnswer
  List<Person> people() {
    return people.all();
  }

  @PostMapping("/people")
  @ResponseStatus(HttpStatus.CREATED)
  Person addPerson(@RequestBody PersonService.Change change) {
    return people.add(change);
  }

  @PutMapping("/people/{id}")
  Person changePerson(@PathVariable long id, @RequestBody PersonService.Change change) {
    return people.change(id, change);
  }
}
