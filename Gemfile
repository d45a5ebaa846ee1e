source "https://rubygems.org"

# The core (lib/) runs on plain Ruby; these serve the web, the database and the readers of open formats.
gem "erubi", "~> 1.13"
gem "highs", "~> 0.2"
gem "icalendar", "~> 2.10"
gem "json", "~> 2.10"
gem "nokogiri", "~> 1.18.0"
gem "pg", "~> 1.6"
gem "prawn", "~> 2.5"
gem "puma", "~> 8.0"
gem "rack-session", "~> 2.1"
gem "rqrcode_core", "~> 2.0"
gem "sequel", "~> 5.90"
# Rows read in C: many times as fast where a page lists hundreds.
gem "sequel_pg", "~> 1.17", require: "sequel"
gem "sinatra", "~> 4.1"
gem "tzinfo-data", "~> 1.2025"

# dry-schema 1.14 does not load on Ruby 3.1.
gem "dry-schema", "~> 1.13.4"
gem "dry-validation", "~> 1.10.0"

group :test do
  gem "axe-core-capybara", "~> 4.10"
  gem "axe-core-rspec", "~> 4.10"
  gem "capybara", "~> 3.40"
  gem "rack-test", "~> 2.2"
  gem "rspec", "~> 3.13"
  gem "selenium-webdriver", "~> 4.30"
  gem "simplecov", "~> 0.22", require: false
end

# House rules; bin/check runs them.
group :lint do
  gem "herb", "~> 0.7", require: false
  gem "rubocop", "~> 1.75", require: false
  gem "rubocop-performance", "~> 1.25", require: false
  gem "rubocop-rspec", "~> 3.6", require: false
  gem "rubocop-sequel", "~> 0.4", require: false
  # Tells which method of the core nobody documented.
  gem "yard", "~> 0.9.37", require: false
end
