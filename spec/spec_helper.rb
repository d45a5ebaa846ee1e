ENV["LANG"] ||= "C.UTF-8"
Encoding.default_external = Encoding::UTF_8
require_relative "support/coverage" if ENV["COVERAGE"]
$LOAD_PATH.unshift(File.expand_path("../lib", __dir__))
require "json"
require "restauro"
require_relative "support/reference"
require_relative "support/corpus"
require_relative "support/dish_answers"
require_relative "support/label_table"

RSpec::Matchers.define_negated_matcher(:not_include, :include)

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.expect_with(:rspec) { |expectations| expectations.syntax = :expect }
  config.mock_with(:rspec) { |mocks| mocks.verify_partial_doubles = true }
  config.include Reference::Helpers
  config.extend Reference::Tables
  %i[db web system].each do |kind|
    config.define_derived_metadata(file_path: %r{/spec/#{kind}/}) { |metadata| metadata[kind] = true }
  end
  config.when_first_matching_example_defined(:db) { require_relative "support/database" }
  config.when_first_matching_example_defined(:web) { require_relative "support/web" }
  config.when_first_matching_example_defined(:system) { require_relative "support/browser" }
end
